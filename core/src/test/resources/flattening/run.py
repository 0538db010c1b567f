#!/usr/bin/env python3
"""Referee for flattening: round wire of diameter 1 pressed flat, by rigid-plastic finite elements (needs numpy and scipy).

A quarter of the section in generalised plane strain: it may grow along the wire, everywhere alike. Flow formulation (Kobayashi, Oh and Altan,
Metal Forming and the Finite-Element Method, 1989): the velocities make the plastic power and that of friction least; bilinear quadrilaterals with
mean dilatation, the volume kept by a penalty; annealed copper by Voce's law, 80/430/0.36 MPa. Faces: friction m·k against the slip, across the wire
and along it, over the length on which the face bears (a die bears without end, so that nothing grows). Two half steps each, so that the
geometry is followed to the second order.

Run it from anywhere: python3 run.py. It writes results.csv beside itself; some minutes.
"""
import math
import os
import sys

import numpy as np
from scipy.sparse import coo_matrix
from scipy.sparse.linalg import spsolve

HERE = os.path.dirname(os.path.abspath(__file__))
START, FULL, SCALE = 80.0, 430.0, 0.36
FACES = {  # contact length over d, friction factor, the last d/h
    "DOMED": (1.5, 0.2, 3.0),
    "ROUGH": (1.5, 0.5, 3.0),
    "BROAD": (5.0, 0.2, 3.0),
    "DIE": (math.inf, 0.2, 2.8),
}
GAUSS = [(a / math.sqrt(3), b / math.sqrt(3)) for a in (-1, 1) for b in (-1, 1)]
ALONG, WEIGHTS = np.polynomial.legendre.leggauss(6)


def flow(p):
    return FULL - (FULL - START) * np.exp(-p / SCALE)


class Section:
    def __init__(self, cells, contact, friction):
        self.n = cells
        self.half = contact / 2
        self.m = friction
        r = 0.5
        node = lambda i, j: i * (cells + 1) + j
        xy = np.zeros(((cells + 1) ** 2, 2))
        for i in range(cells + 1):
            for j in range(cells + 1):
                u, v = i / cells, j / cells
                xy[node(i, j)] = r * u * math.sqrt(1 - v * v / 2), r * v * math.sqrt(1 - u * u / 2)
        self.xy = xy
        self.quads = np.array([[node(i, j), node(i + 1, j), node(i + 1, j + 1), node(i, j + 1)]
                               for i in range(cells) for j in range(cells)])
        top = [node(i, cells) for i in range(cells + 1)]
        side = [node(cells, j) for j in range(cells, -1, -1)]
        self.rim = top + side[1:]
        self.owner = [i * cells + cells - 1 for i in range(cells)] + \
                     [(cells - 1) * cells + j for j in range(cells - 1, -1, -1)]
        self.p = np.zeros((len(self.quads), 4))
        self.stretch = 1.0
        self.last = None
        count = len(xy)
        self.count = count
        dof = np.zeros((len(self.quads), 9), int)
        dof[:, 0:8:2] = 2 * self.quads
        dof[:, 1:8:2] = 2 * self.quads + 1
        dof[:, 8] = 2 * count
        self.dof = dof

    def shapes(self, xy):
        """Rates at the Gauss points by the velocities: xx, zz, yy, 2xz; with the mean dilatation; and the weights."""
        c = xy[self.quads]
        found, weights = [], []
        for a, b in GAUSS:
            da = np.array([-(1 - b), 1 - b, 1 + b, -(1 + b)]) / 4
            db = np.array([-(1 - a), -(1 + a), 1 + a, 1 - a]) / 4
            jac = np.stack([np.einsum("k,ekd->ed", da, c), np.einsum("k,ekd->ed", db, c)], 1)
            det = np.linalg.det(jac)
            inv = np.linalg.inv(jac)
            grad = np.einsum("edk,kn->edn", inv, np.stack([da, db]))
            rows = np.zeros((len(c), 4, 9))
            rows[:, 0, 0:8:2] = grad[:, 0]
            rows[:, 1, 1:8:2] = grad[:, 1]
            rows[:, 2, 8] = 1
            rows[:, 3, 0:8:2] = grad[:, 1]
            rows[:, 3, 1:8:2] = grad[:, 0]
            found.append(rows)
            weights.append(det)
        rows, weights = np.stack(found, 1), np.stack(weights, 1)
        dilation = rows[:, :, 0] + rows[:, :, 1] + rows[:, :, 2]
        mean = np.einsum("eg,egk->ek", weights, dilation) / weights.sum(1)[:, None]
        return rows, dilation, mean, weights

    def velocities(self, xy, p, touching, height):
        """Secant iteration for unit speed of the die (of this half)."""
        rows, dilation, mean, weights = self.shapes(xy)
        dev = rows.copy()
        for k in range(3):
            dev[:, :, k] -= dilation / 3
        metric = np.array([2 / 3, 2 / 3, 2 / 3, 1 / 3])
        size = 2 * self.count + 1
        rate = 1 / height
        floor = 1e-4 * rate
        v = np.zeros(size) if self.last is None else self.last.copy()
        fixed = {}
        for k in range(self.count):
            if self.xy0[k][0] < 1e-12:
                fixed[2 * k] = 0.0
            if self.xy0[k][1] < 1e-12:
                fixed[2 * k + 1] = 0.0
        for k in touching:
            fixed[2 * k + 1] = -1.0
        if math.isinf(self.half):
            fixed[size - 1] = 0.0
        free = np.array([k for k in range(size) if k not in fixed])
        held = np.array(sorted(fixed))
        value = np.array([fixed[k] for k in held])
        stress = flow(p)
        penalty = 3e4 * FULL / rate
        edges = [(self.rim[k], self.rim[k + 1], self.owner[k]) for k in range(len(self.rim) - 1)
                 if self.rim[k] in touching and self.rim[k + 1] in touching]
        for turn in range(200):
            local = v[self.dof]
            e = np.einsum("egij,ej->egi", dev, local)
            eq = np.sqrt((metric * e * e).sum(2) + floor ** 2)
            if turn == 0 and self.last is None:
                eq[:] = rate
            c = stress / eq * weights
            k = np.einsum("eg,i,egij,egik->ejk", c, metric, dev, dev)
            k += penalty * np.einsum("ej,ek->ejk", mean, mean) * weights.sum(1)[:, None, None]
            i = np.repeat(self.dof, 9, 1).ravel()
            j = np.tile(self.dof, (1, 9)).ravel()
            stiff = coo_matrix((k.ravel(), (i, j)), (size, size)).tolil()
            for a, b, owner in edges:
                length = np.linalg.norm(xy[b] - xy[a])
                shear = self.m * float(np.mean(stress[owner])) / math.sqrt(3)
                for n in (a, b):
                    u = v[2 * n]
                    if math.isinf(self.half):
                        stiff[2 * n, 2 * n] += shear * length / 2 / math.sqrt(u * u + 1e-4)
                        continue
                    for g, w in zip(ALONG, WEIGHTS):
                        y = self.half * (1 + g) / 2
                        slip = math.sqrt(u * u + (v[-1] * y) ** 2 + 1e-4)
                        share = shear * length / 2 * w / 2 / slip
                        stiff[2 * n, 2 * n] += share
                        stiff[size - 1, size - 1] += share * y * y
            stiff = stiff.tocsr()
            right = -stiff[free][:, held] @ value
            new = np.zeros(size)
            new[held] = value
            new[free] = spsolve(stiff[free][:, free], right)
            change = np.linalg.norm(new - v) / np.linalg.norm(new)
            v = new
            if change < 1e-5:
                break
        self.last = v
        forces = stiff @ v
        local = v[self.dof]
        e = np.einsum("egij,ej->egi", dev, local)
        eq = np.sqrt((metric * e * e).sum(2))
        return v, eq, {k: forces[2 * k + 1] for k in touching}

    def press(self, to, steps):
        ratios = [1.05, 1.2, 1.41, 2.0, to]
        self.xy0 = self.xy.copy()
        height = self.xy[:, 1].max()
        top = self.rim[0]
        touching = {top}
        out = {}
        wanted = [0.5 / r for r in ratios]
        targets = sorted(set(list(np.geomspace(0.5, 0.5 / to, steps + 1)[1:]) + wanted), reverse=True)
        for target in targets:
            while height > target + 1e-12:
                step = height - target
                v, eq, pull = self.velocities(self.xy, self.p, touching, height)
                loose = {k for k, f in pull.items() if f > 1e-9 * FULL and k != top}
                if loose:
                    touching -= loose
                    v, eq, pull = self.velocities(self.xy, self.p, touching, height)
                # the step ends where the next node of the rim comes to the die
                for k in self.rim:
                    if k not in touching:
                        gap, speed = height - self.xy[k, 1], v[2 * k + 1] + 1
                        if speed > 1e-12 and gap / speed < step:
                            step = max(gap / speed, 1e-9)
                step = max(step, min(1e-5, height - target))
                middle = self.xy + step / 2 * v[:-1].reshape(-1, 2)
                p_mid = self.p + step / 2 * eq
                v, eq, _ = self.velocities(middle, p_mid, touching, height - step / 2)
                self.xy = self.xy + step * v[:-1].reshape(-1, 2)
                self.p = self.p + step * eq
                self.stretch *= math.exp(step * v[-1])
                height -= step
                for k in self.rim:
                    if k not in touching and self.xy[k, 1] > height - 1e-6:
                        touching.add(k)
                    if k in touching:
                        self.xy[k, 1] = height
            for r in ratios:
                if abs(0.5 / r - height) < 1e-9:
                    weights = self.shapes(self.xy)[3]
                    area = 4 * weights.sum()
                    out[r] = (2 * self.xy[:, 0].max(), self.stretch, float((self.p * weights).sum() / weights.sum()),
                              area * self.stretch / (math.pi / 4), 2 * max(self.xy[k, 0] for k in touching))
        return out


if __name__ == "__main__":
    cells = int(sys.argv[1]) if len(sys.argv) > 1 else 14
    steps = int(sys.argv[2]) if len(sys.argv) > 2 else 60
    with open(os.path.join(HERE, "results.csv"), "w") as out:
        out.write("# rigid-plastic finite elements, written by run.py; width and contact over d, growth, mean strain, volume kept\n")
        out.write("face,d/h,width,growth,strain,volume,contact\n")
        for name, (contact, friction, to) in FACES.items():
            for ratio, row in Section(cells, contact, friction).press(to, steps).items():
                line = f"{name},{ratio}," + ",".join(f"{x:.4f}" for x in row)
                print(line, flush=True)
                out.write(line + "\n")
