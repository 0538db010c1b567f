#!/usr/bin/env python3
"""Finite-element referee for the fibre model: writes the decks, runs CalculiX (Debian package calculix-ccx), reads results.

Two cases, lengths mm, forces N, stresses MPa, isotropic Voce hardening:
  bend  half-hard brass, round 1.00 mm, bent by a moment alone to a centre-line radius near 5 mm, then let go
  hook  half ring of flattened copper wire (1.25 pressed to 0.90: 1.48 x 0.90), centre-line radius 4.4 mm, pulled open

Run it from anywhere: python3 run.py. It leaves bend.inp and hook.inp beside itself and writes results.csv.
"""
import math
import os
import subprocess
import sys
import tempfile

HERE = os.path.dirname(os.path.abspath(__file__))
DRAWN = math.log(1 / 0.8905**2)  # strain of one AWG number drawn, ASTM B134
BRASS = dict(modulus=110_000, start=100, full=880, scale=0.52, bought=2 * DRAWN)
COPPER = dict(modulus=117_000, start=80, full=430, scale=0.36, bought=0.2354)
POISSON = 0.34


def section(width, height, cells_cap, cells_flat, cells_high):
    """Quadratic grid over half a stadium (z >= 0): y along the width in the plane of bending, z across it.

    Ends are half discs by the elliptical map of the square, the middle is a rectangle; round wire has no middle.
    Returns a function of grid coordinates and the numbers of cells.
    """
    r, flat = height / 2, (width - height) / 2
    cols = 2 * cells_cap + cells_flat

    def at(i, j):  # i in 0..2*cols, j in 0..2*cells_high, halves for middle nodes
        v = j / (2 * cells_high)
        if i < 2 * cells_cap:
            u = 1 - i / (2 * cells_cap)
            return -flat - r * u * math.sqrt(1 - v * v / 2), r * v * math.sqrt(1 - u * u / 2)
        if i > 2 * (cells_cap + cells_flat):
            u = (i - 2 * (cells_cap + cells_flat)) / (2 * cells_cap)
            return flat + r * u * math.sqrt(1 - v * v / 2), r * v * math.sqrt(1 - u * u / 2)
        share = (i - 2 * cells_cap) / (2 * cells_flat) if cells_flat else 0.5
        return -flat + 2 * flat * share, r * v

    return at, cols, cells_high


def mesh(at, cols, high, layers, place):
    """Twenty-node bricks over the section, swept through layers; place(y, z, k) gives a point, k in half layers."""
    number, nodes = {}, []

    def node(i, j, k):
        if (i, j, k) not in number:
            number[i, j, k] = len(nodes) + 1
            nodes.append(place(*at(i, j), k))
        return number[i, j, k]

    bricks = []
    for k in range(0, 2 * layers, 2):
        for i in range(0, 2 * cols, 2):
            for j in range(0, 2 * high, 2):
                c = [(i, j), (i + 2, j), (i + 2, j + 2), (i, j + 2)]
                m = [(i + 1, j), (i + 2, j + 1), (i + 1, j + 2), (i, j + 1)]
                bricks.append([node(*p, k) for p in c] + [node(*p, k + 2) for p in c]
                              + [node(*p, k) for p in m] + [node(*p, k + 2) for p in m]
                              + [node(*p, k + 1) for p in c])
    return nodes, bricks, number


def material(name, m):
    rows = [f"*MATERIAL, NAME={name}", "*ELASTIC", f"{m['modulus']}, {POISSON}", "*PLASTIC"]
    for p in [0, .002, .005, .01, .02, .03, .05, .08, .12, .18, .25, .35, .5, .75, 1.0, 1.5]:
        stress = m["full"] - (m["full"] - m["start"]) * math.exp(-(m["bought"] + p) / m["scale"])
        rows.append(f"{stress:.4f}, {p}")
    return rows


def head(title, nodes, bricks, extra=()):
    rows = ["*HEADING", title, "*NODE, NSET=ALL"]
    rows += [f"{n}, {x:.7f}, {y:.7f}, {z:.7f}" for n, (x, y, z) in enumerate(nodes, 1)]
    rows += [f"{n}, {x}, {y}, {z}" for n, (x, y, z) in extra]
    rows.append("*ELEMENT, TYPE=C3D20R, ELSET=WIRE")
    for e, b in enumerate(bricks, 1):
        rows.append(f"{e}, " + ", ".join(map(str, b[:10])) + ",")
        rows.append(", ".join(map(str, b[10:])))
    return rows


def nset(name, numbers):
    numbers = sorted(numbers)
    rows = [f"*NSET, NSET={name}"]
    rows += [", ".join(map(str, numbers[i:i + 12])) + "," for i in range(0, len(numbers), 12)]
    return rows


def run(name, rows):
    deck = os.path.join(HERE, name + ".inp")
    with open(deck, "w") as out:
        out.write("\n".join(rows) + "\n")
    with tempfile.TemporaryDirectory() as place:
        with open(os.path.join(place, name + ".inp"), "w") as out:
            out.write("\n".join(rows) + "\n")
        done = subprocess.run(["ccx", name], cwd=place, capture_output=True, text=True)
        if "Job finished" not in done.stdout:
            sys.exit(done.stdout[-3000:])
        with open(os.path.join(place, name + ".dat")) as dat:
            return dat.read()


def tables(dat, words):
    """Rows of every table whose title begins with the words, in order of time."""
    found, rows = [], None
    for line in dat.splitlines():
        if line.strip().startswith(words):
            rows = []
            found.append((float(line.split()[-1]), rows))
        elif rows is not None and line.strip():
            parts = line.split()
            if not parts[0].lstrip("-").isdigit():
                rows = None
            else:
                rows.append([float(p) for p in parts])
    return found


def bend():
    d, radius, length = 1.0, 5.0, 0.5
    phi = length / radius
    at, cols, high = section(d, d, 4, 0, 4)
    layers = 2
    nodes, bricks, number = mesh(at, cols, high, layers, lambda y, z, k: (length * k / (2 * layers), y, z))
    push, turn = len(nodes) + 1, len(nodes) + 2
    rows = head("half-hard brass bent by a moment", nodes, bricks, [(push, (0, 9, 0)), (turn, (0, 10, 0))])
    by = lambda test: [n for n, p in enumerate(nodes, 1) if test(*p)]
    end = by(lambda x, y, z: abs(x - length) < 1e-9)
    middle = min(number.values(), key=lambda n: math.dist(nodes[n - 1], (0, 0, 0)))
    rows += nset("BACK", by(lambda x, y, z: abs(x) < 1e-9)) + nset("PLANE", by(lambda x, y, z: abs(z) < 1e-9))
    rows += nset("MIDDLE", [middle]) + nset("TURN", [turn]) + nset("PUSH", [push])
    # The end stays plane: cos(phi) ux + sin(phi) uy = A + B y; A finds itself, B turns it, and is let go afterwards.
    rows.append("*EQUATION")
    for n in end:
        y = nodes[n - 1][1]
        rows += ["4", f"{n}, 1, {math.cos(phi):.12f}, {n}, 2, {math.sin(phi):.12f}, {push}, 1, -1.0,",
                 f"{turn}, 1, {-y if y else -1e-12:.12f}"]
    rows += material("BRASS", BRASS) + ["*SOLID SECTION, ELSET=WIRE, MATERIAL=BRASS"]
    held = ["*BOUNDARY", "BACK, 1, 1", "PLANE, 3, 3", "MIDDLE, 2, 2"]
    rows += held + [f"{push}, 2, 3", f"{turn}, 2, 3"]
    out = ["*NODE PRINT, NSET=TURN", "U", "*NODE PRINT, NSET=PUSH", "U", "*NODE PRINT, NSET=BACK", "U, RF",
           "*EL PRINT, ELSET=WIRE", "PEEQ, EVOL"]
    rows += ["*STEP, NLGEOM, INC=500", "*STATIC", "0.02, 1.0, 1e-6, 0.05", "*BOUNDARY",
             f"{turn}, 1, 1, {-math.sin(phi):.12f}"] + out + ["*END STEP"]
    rows += ["*STEP, NLGEOM, INC=500", "*STATIC", "0.2, 1.0, 1e-6, 0.2", "*BOUNDARY, OP=NEW"]
    rows += held[1:] + [f"{push}, 2, 3", f"{turn}, 2, 3"] + out + ["*END STEP"]
    dat = run("bend", rows)
    turned = tables(dat, "displacements (vx,vy,vz) for set TURN")
    pushed = tables(dat, "displacements (vx,vy,vz) for set PUSH")
    moved = tables(dat, "displacements (vx,vy,vz) for set BACK")
    force = tables(dat, "forces (fx,fy,fz) for set BACK")
    strain = tables(dat, "equivalent plastic strain")
    volume = tables(dat, "volume (element, volume)")
    loaded = max(i for i, (t, _) in enumerate(turned) if t <= 1.0 + 1e-9)
    arms = {int(r[0]): nodes[int(r[0]) - 1][1] + r[2] for r in moved[loaded][1]}
    moment = 2 * abs(sum(r[1] * arms[int(r[0])] for r in force[loaded][1]))  # half of the section is modelled
    plane = length * math.cos(phi) + pushed[loaded][1][0][1]
    held_radius = plane / math.sin(phi)
    left = turned[-1][1][0][1] + math.sin(phi)
    free_radius = (length * math.cos(phi) + pushed[-1][1][0][1]) / math.sin(phi - left)
    weights = {int(r[0]): r[1] for r in volume[loaded][1]}
    points = {}
    for row in strain[loaded][1]:
        points.setdefault(int(row[0]), []).append(row[2])
    total = sum(weights.values())
    mean = sum(weights[e] * sum(p) / len(p) for e, p in points.items()) / total
    return [("radius-held", held_radius, "mm"), ("moment", moment, "N mm"), ("free-radius", free_radius, "mm"),
            ("mean-strain", mean, "1")]


def hook():
    width, height, radius, load = 1.478, 0.90, 4.4, 40.0
    at, cols, high = section(width, height, 2, 3, 3)
    layers = 12

    def place(y, z, k):  # from the mouth (k = 0, on the y axis) round to the back (on the x axis)
        angle = math.pi / 2 * (1 - k / (2 * layers))
        return (radius + y) * math.cos(angle), (radius + y) * math.sin(angle), z

    nodes, bricks, number = mesh(at, cols, high, layers, place)
    rows = head("half ring of flattened copper wire pulled open", nodes, bricks)
    by = lambda test: [n for n, p in enumerate(nodes, 1) if test(*p)]
    mouth = by(lambda x, y, z: abs(x) < 1e-6)
    middle = min(mouth, key=lambda n: math.dist(nodes[n - 1], (0, radius, 0)))
    rows += nset("BACK", by(lambda x, y, z: abs(y) < 1e-6)) + nset("PLANE", by(lambda x, y, z: abs(z) < 1e-9))
    rows += nset("MOUTH", mouth) + nset("MIDDLE", [middle])
    hold = min(by(lambda x, y, z: abs(y) < 1e-6), key=lambda n: math.dist(nodes[n - 1], (radius, 0, 0)))
    rows += nset("HOLD", [hold])
    rows += material("COPPER", COPPER) + ["*SOLID SECTION, ELSET=WIRE, MATERIAL=COPPER"]
    rows += ["*BOUNDARY", "BACK, 2, 2", "PLANE, 3, 3", "HOLD, 1, 1"]
    rows += ["*STEP, NLGEOM, INC=500", "*STATIC", "0.01, 1.0, 1e-6, 0.02", "*CLOAD"]
    rows += [f"{n}, 2, {load / 2 / len(mouth):.9f}" for n in mouth]  # half of the section
    rows += ["*NODE PRINT, NSET=MOUTH", "U", "*END STEP"]
    dat = run("hook", rows)
    opened = [(t * load, 2 * sum(r[2] for r in found) / len(found))
              for t, found in tables(dat, "displacements (vx,vy,vz) for set MOUTH")]
    gives = opened[0][1] / opened[0][0]
    sets = [(f, u - f * gives) for f, u in opened]
    for (f, s), (g, t) in zip(sets, sets[1:]):
        if s < 0.2 <= t:
            holds = f + (g - f) * (0.2 - s) / (t - s)
            return [("opens-per-newton", gives, "mm/N"), ("holds", holds, "N")]
    sys.exit(f"never opened by 0.2 mm: {sets[-1]}")


if __name__ == "__main__":
    with open(os.path.join(HERE, "results.csv"), "w") as out:
        out.write("# CalculiX 2.20, C3D20R, geometrically non-linear; written by run.py\n")
        out.write("case,quantity,value,unit\n")
        for case, rows in (("bend", bend()), ("hook", hook())):
            for quantity, value, unit in rows:
                out.write(f"{case},{quantity},{value:.5g},{unit}\n")
                print(case, quantity, f"{value:.5g}", unit)
