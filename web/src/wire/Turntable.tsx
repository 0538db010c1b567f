import { Canvas, useThree } from '@react-three/fiber';
import { useEffect, useMemo } from 'react';
import { BufferAttribute, BufferGeometry, Color, DoubleSide, Euler, MathUtils, Vector3 } from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';
import { shades } from './metals';
import type { Coloured } from './PieceForm';
import type { MetalWire } from './scene';

const SIDES = 12;
const VIEW_DEG = 32;

/** A solid that lies with the wires. */
export interface Stone {
  /** its outline at heights, from the back to the front */
  sections: readonly { zMm: number; outline: readonly number[][] }[];
  /** where it lies */
  place: { xMm: number; yMm: number; zMm: number; rotDeg: number; tipDeg: number };
}

/** The form in three dimensions, turned by dragging or by the arrow keys. Fetched only when it is asked for. */
export function Turntable(props: {
  /** wires of the form */
  wires: MetalWire[];
  /** colours of each wire where it was darkened; those of their metals without */
  colours?: readonly (Coloured | undefined)[] | undefined;
  /** solids that they lie on */
  stones?: readonly Stone[];
  /** what it shows, for those who do not see it */
  label: string;
}) {
  const stones = useMemo(
    () => (props.stones ?? []).filter((s) => s.sections.length > 1).map(solid),
    [props.stones],
  );
  const { wires, colours } = props;
  const bodies = useMemo(() => wires.map((w, i) => tube(w, colours?.[i])), [wires, colours]);
  const { centre, radius } = useMemo(() => sphere(bodies), [bodies]);
  const away = (radius * 1.08) / Math.sin((VIEW_DEG * Math.PI) / 360);
  return (
    <div className="turntable" role="img" aria-label={props.label} data-testid="turntable">
      <Canvas
        frameloop="demand"
        camera={{
          fov: VIEW_DEG,
          near: away / 100,
          far: away * 4,
          position: [centre.x, centre.y - away * 0.62, centre.z + away * 0.78],
        }}
        gl={{ preserveDrawingBuffer: true }}
      >
        <ambientLight intensity={1.1} />
        <hemisphereLight args={['#ffffff', '#d9c7b0', 1.3]} position={[0, away, 0]} />
        <directionalLight position={[-away, away * 0.4, away]} intensity={2.4} />
        <directionalLight position={[away, -away, away * 0.3]} intensity={1.1} />
        <directionalLight position={[away * 0.6, away * 0.5, -away]} intensity={1.6} />
        {stones.map((s, i) => (
          <mesh key={`stone ${i}`} geometry={s}>
            <meshStandardMaterial
              color="#6f7f99"
              roughness={0.22}
              metalness={0}
              transparent
              opacity={0.9}
              side={DoubleSide}
            />
          </mesh>
        ))}
        {bodies.map((b, i) => (
          <mesh key={i} geometry={b}>
            <meshStandardMaterial
              color={colours?.[i] ? '#ffffff' : shades(wires[i]?.metal ?? 'copper').body}
              vertexColors={colours?.[i] !== undefined}
              metalness={0.2}
              roughness={0.36}
              side={DoubleSide}
            />
          </mesh>
        ))}
        <Controls centre={centre} />
      </Canvas>
    </div>
  );
}

function Controls(props: {
  /** what it turns about */
  centre: Vector3;
}) {
  const { camera, gl, invalidate } = useThree();
  useEffect(() => {
    const controls = new OrbitControls(camera, gl.domElement);
    controls.target.copy(props.centre);
    controls.enablePan = false;
    const again = () => invalidate();
    controls.addEventListener('change', again);
    controls.update();
    const keys = (event: KeyboardEvent) => {
      const by = { ArrowLeft: [-0.12, 0], ArrowRight: [0.12, 0], ArrowUp: [0, -0.12], ArrowDown: [0, 0.12] }[
        event.key
      ];
      if (!by) return;
      event.preventDefault();
      const away = camera.position.clone().sub(props.centre);
      away.applyAxisAngle(camera.up, by[0] ?? 0);
      const side = new Vector3().crossVectors(camera.up, away).normalize();
      away.applyAxisAngle(side, by[1] ?? 0);
      camera.position.copy(props.centre).add(away);
      controls.update();
      invalidate();
    };
    gl.domElement.setAttribute('tabindex', '0');
    gl.domElement.setAttribute('aria-label', 'arrow keys turn the form');
    gl.domElement.addEventListener('keydown', keys);
    return () => {
      gl.domElement.removeEventListener('keydown', keys);
      controls.dispose();
    };
  }, [camera, gl, invalidate, props.centre]);
  return null;
}

/** A tube of true thickness along a wire, its ends closed; flattened lengths are wide in the plane. */
function tube(wire: MetalWire, coloured: Coloured | undefined): BufferGeometry {
  const points: Vector3[] = [];
  const widths: number[] = [];
  const tones: number[] = [];
  wire.outline.forEach((p, i) => {
    const at = new Vector3(p[0] ?? 0, p[1] ?? 0, p[2] ?? 0);
    const last = points[points.length - 1];
    if (!last || last.distanceTo(at) > 1e-4) {
      points.push(at);
      widths.push(wire.widths[i] ?? 1);
      if (coloured) {
        const tone = new Color(coloured.at(p[3] ?? 0));
        for (let k = 0; k < SIDES; k++) tones.push(tone.r, tone.g, tone.b);
      }
    }
  });
  const least = Math.min(...widths);
  const positions: number[] = [];
  const indices: number[] = [];
  let side = new Vector3(0, 0, 1);
  points.forEach((p, i) => {
    const heading = new Vector3()
      .subVectors(
        points[Math.min(i + 1, points.length - 1)] as Vector3,
        points[Math.max(i - 1, 0)] as Vector3,
      )
      .normalize();
    const across = new Vector3().crossVectors(side, heading);
    if (across.lengthSq() < 1e-6) across.set(heading.y, -heading.x, 0.1).cross(heading);
    across.normalize();
    side = new Vector3().crossVectors(heading, across).normalize();
    for (let k = 0; k < SIDES; k++) {
      const angle = (2 * Math.PI * k) / SIDES;
      const out = p
        .clone()
        .addScaledVector(across, (Math.cos(angle) * (widths[i] ?? 1)) / 2)
        .addScaledVector(side, (Math.sin(angle) * Math.min(widths[i] ?? 1, least * 1.02)) / 2);
      positions.push(out.x, out.y, out.z);
      if (i > 0) {
        const a = (i - 1) * SIDES + k;
        const b = (i - 1) * SIDES + ((k + 1) % SIDES);
        indices.push(a, b, a + SIDES, b, b + SIDES, a + SIDES);
      }
    }
  });
  for (const end of [0, points.length - 1]) {
    for (let k = 1; k < SIDES - 1; k++) {
      const first = end * SIDES;
      indices.push(...(end === 0 ? [first, first + k + 1, first + k] : [first, first + k, first + k + 1]));
    }
  }
  const geometry = skin(positions, indices);
  if (coloured) geometry.setAttribute('color', new BufferAttribute(new Float32Array(tones), 3));
  return geometry;
}

/** The skin of a stone: rings of its sections joined, back and front closed. */
function solid(stone: Stone): BufferGeometry {
  const { place } = stone;
  const frame = new Euler(MathUtils.degToRad(place.tipDeg), 0, MathUtils.degToRad(place.rotDeg), 'ZYX');
  const rings = stone.sections.map((s) =>
    s.outline.slice(0, -1).map((p) => ({ x: p[0] ?? 0, y: p[1] ?? 0, z: s.zMm })),
  );
  const count = Math.min(...rings.map((r) => r.length));
  const positions: number[] = [];
  const indices: number[] = [];
  const put = (p: { x: number; y: number; z: number }) => {
    const at = new Vector3(p.x, p.y, p.z).applyEuler(frame);
    positions.push(place.xMm + at.x, place.yMm + at.y, place.zMm + at.z);
  };
  for (const ring of rings) ring.slice(0, count).forEach(put);
  for (let r = 1; r < rings.length; r++) {
    for (let k = 0; k < count; k++) {
      const next = (k + 1) % count;
      const [a, b] = [(r - 1) * count + k, (r - 1) * count + next];
      indices.push(a, b, a + count, b, b + count, a + count);
    }
  }
  for (const r of [0, rings.length - 1]) {
    const middle = positions.length / 3;
    put({ x: 0, y: 0, z: rings[r]?.[0]?.z ?? 0 });
    // Corners of their own, so that the edge of a flat back stays sharp.
    (rings[r] ?? []).slice(0, count).forEach(put);
    for (let k = 0; k < count; k++) indices.push(middle, middle + 1 + k, middle + 1 + ((k + 1) % count));
  }
  return skin(positions, indices);
}

/** Triangles with their shading. */
function skin(positions: number[], indices: number[]): BufferGeometry {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(new Float32Array(positions), 3));
  geometry.setIndex(indices);
  geometry.computeVertexNormals();
  geometry.computeBoundingBox();
  return geometry;
}

/** The middle of everything, and how far it reaches from there. */
function sphere(bodies: BufferGeometry[]): { centre: Vector3; radius: number } {
  const low = new Vector3(Infinity, Infinity, Infinity);
  const high = new Vector3(-Infinity, -Infinity, -Infinity);
  for (const body of bodies) {
    if (!body.boundingBox) continue;
    low.min(body.boundingBox.min);
    high.max(body.boundingBox.max);
  }
  const centre = low.clone().add(high).multiplyScalar(0.5);
  return { centre, radius: Math.max(0.1, high.distanceTo(centre)) };
}
