#!/usr/bin/env python3
"""Fills a running Etui with 2,000 pieces and 20,000 facts of the log through its own API, then times what tray and daybook answer.

    java -jar server/target/etui.jar --etui.data=some-empty-folder --server.port=8500
    python3 bench/many.py 8500

What is aimed at: every answer within 300 ms once the tray is worked out, the data file below 300 MB.
"""
import json
import sys
import time
import urllib.request

PIECES = 2000
FACTS_EACH = 10
TIMES = 7

BASE = f"http://127.0.0.1:{sys.argv[1]}"


def ask(path, body=None):
    data = None if body is None else json.dumps(body).encode()
    request = urllib.request.Request(BASE + path, data, {"Content-Type": "application/json"})
    with urllib.request.urlopen(request, timeout=120) as answer:
        return answer.read()


def fill():
    patterns = [p["name"] for p in json.loads(ask("/api/patterns"))]
    for i in range(PIECES):
        made = json.loads(ask(f"/api/patterns/{patterns[i % len(patterns)]}", {}))
        made["name"] = f"Hedgerow {i}"
        piece = json.loads(ask("/api/pieces", made))["id"]
        measurable = json.loads(ask(f"/api/log/{piece}"))["measurable"]
        of = next(m for m in measurable if m["what"] == "cut")
        fact = {"what": "cut", "about": of["about"], "actual": of["planned"]}
        ask(f"/api/log/{piece}", {"facts": [fact] * FACTS_EACH})


def waits():
    return any(p["waiting"] for p in json.loads(ask("/api/pieces")))


def timed(path):
    took = []
    for _ in range(TIMES):
        begun = time.perf_counter()
        ask(path)
        took.append(1000 * (time.perf_counter() - begun))
    print(f"{path:34} median {sorted(took)[TIMES // 2]:6.0f} ms, worst {max(took):6.0f} ms")


if len(json.loads(ask("/api/pieces"))) < PIECES:
    fill()
while waits():
    time.sleep(2)
for path in ("/api/pieces?from=0&most=200", "/api/pieces", "/api/daybook", "/api/daybook?search=hedgerow+7", "/api/daybook/lessons"):
    timed(path)
