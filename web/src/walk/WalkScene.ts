import {
  BufferAttribute,
  ClampToEdgeWrapping,
  Color,
  DataTexture,
  DataUtils,
  DoubleSide,
  FloatType,
  Group,
  HalfFloatType,
  LinearFilter,
  LineBasicMaterial,
  LineLoop,
  LinearSRGBColorSpace,
  Mesh,
  MeshBasicMaterial,
  PerspectiveCamera,
  PlaneGeometry,
  Raycaster,
  RGBAFormat,
  Scene,
  Shape,
  ShapeGeometry,
  ShaderMaterial,
  Vector2,
  Vector3,
  WebGLRenderer,
  BufferGeometry,
} from 'three';
import { TessellateModifier } from 'three/examples/jsm/modifiers/TessellateModifier.js';
import type { BodyPanel, BodyShape, Walk } from '../api/types';
import type { Pair } from '../map/geometry';
import { exposureFor, lightAt, oldLight, placesOf } from './lookup';
import { onCar, type Room, type Side } from './stand';

/** The table is laid out evenly for the graphics processor, degrees. */
const ANGLE_STEP = 2;

/** A picture as wide as this shows things about as large as they are from there, degrees. */
const ACROSS_DEG = 27;

const EDGE_MM = 100;
const CUTS = 7;

const TRIM: Partial<Record<BodyShape['trim'][number]['kind'], string>> = { wheel: '#3a3a3a', glass: '#565656' };

const VERTEX = /* glsl */ `
  varying vec3 at;
  varying vec3 facing;
  varying vec2 place;
  uniform vec4 raster; // x0, y0, width, height in mm
  void main() {
    at = position;
    facing = normal;
    place = (uv - raster.xy) / raster.zw;
    gl_Position = projectionMatrix * viewMatrix * vec4(position, 1.0);
  }`;

/** Finds each place's distance from the repair and its angle, and looks up; nothing more. */
const FRAGMENT = /* glsl */ `
  precision highp float;
  varying vec3 at;
  varying vec3 facing;
  varying vec2 place;
  uniform vec3 eye;
  uniform vec3 lamp;
  uniform sampler2D field;
  uniform sampler2D light;
  uniform sampler2D old;
  uniform float sprayed;
  uniform vec2 reach; // first place, length in mm
  uniform vec2 angles; // first, span in degrees
  uniform float places;
  uniform float rows;
  uniform float times;
  uniform float exposure;
  vec3 encoded(vec3 c) {
    c = clamp(c, 0.0, 1.0);
    return mix(12.92 * c, 1.055 * pow(c, vec3(1.0 / 2.4)) - 0.055, step(0.0031308, c));
  }
  void main() {
    vec3 n = normalize(facing);
    vec3 l = normalize(lamp - at);
    vec3 v = normalize(eye - at);
    float angle = degrees(acos(clamp(dot(reflect(-l, n), v), -1.0, 1.0)));
    float row = (clamp((angle - angles.x) / angles.y, 0.0, 1.0) * (rows - 1.0) + 0.5) / rows;
    vec3 was = texture2D(old, vec2(0.5, row)).rgb;
    vec4 here = texture2D(field, place);
    float u = (clamp((here.r - reach.x) / reach.y, 0.0, 1.0) * (places - 1.0) + 0.5) / places;
    vec3 c = mix(was, texture2D(light, vec2(u, row)).rgb, sprayed * step(0.5, here.g));
    vec3 root = pow(max(was, 0.0), vec3(1.0 / 3.0));
    vec3 seen = max(root + times * (pow(max(c, 0.0), vec3(1.0 / 3.0)) - root), 0.0);
    // The clear mirrors the lamp itself.
    float glare = smoothstep(5.0, 1.5, angle);
    gl_FragColor = vec4(encoded(mix(exposure * seen * seen * seen, vec3(1.0), glare)), 1.0);
  }`;

function texture(width: number, height: number, rgba: Float32Array, floats: boolean): DataTexture {
  const halves = floats ? rgba : Uint16Array.from(rgba, (v) => DataUtils.toHalfFloat(Math.min(60_000, v)));
  const made = new DataTexture(halves, width, height, RGBAFormat, floats ? FloatType : HalfFloatType);
  made.minFilter = made.magFilter = LinearFilter;
  made.wrapS = made.wrapT = ClampToEdgeWrapping;
  made.needsUpdate = true;
  return made;
}

/** A panel bent like the car, with the place of the sheet at each corner. */
function panelGeometry(side: Side, panel: BodyPanel, cuts: number): BufferGeometry {
  const outline = panel.outline.map(([x = 0, y = 0]) => new Vector2(x, y));
  const cut = new TessellateModifier(EDGE_MM, cuts).modify(new ShapeGeometry(new Shape(outline)));
  const flat = cut.getAttribute('position');
  const sheet = new Float32Array(flat.count * 2);
  const position = new Float32Array(flat.count * 3);
  const normal = new Float32Array(flat.count * 3);
  for (let i = 0; i < flat.count; i++) {
    const place: Pair = [flat.getX(i), flat.getY(i)];
    const surface = onCar(side, place);
    sheet.set(place, i * 2);
    position.set(surface.at, i * 3);
    normal.set(surface.normal, i * 3);
  }
  const made = new BufferGeometry();
  // Where on the sheet a corner lies, in mm.
  made.setAttribute('uv', new BufferAttribute(sheet, 2));
  made.setAttribute('position', new BufferAttribute(position, 3));
  made.setAttribute('normal', new BufferAttribute(normal, 3));
  return made;
}

/** Draws one side of a car in the colours of a walk. Throws where WebGL is missing. */
export class WalkScene {
  private readonly renderer: WebGLRenderer;
  private readonly camera = new PerspectiveCamera();
  private readonly scene = new Scene();
  private car = new Group();
  private walk: Walk | null = null;
  private materials: ShaderMaterial[] = [];
  private meshes: Mesh[] = [];
  private disposables: { dispose: () => void }[] = [];

  constructor(canvas: HTMLCanvasElement, surround: string, floor: string) {
    this.renderer = new WebGLRenderer({ canvas, antialias: true, preserveDrawingBuffer: true });
    this.renderer.outputColorSpace = LinearSRGBColorSpace;
    this.scene.background = new Color().setStyle(surround, LinearSRGBColorSpace);
    const ground = new Mesh(
      new PlaneGeometry(60, 60),
      new MeshBasicMaterial({ color: new Color().setStyle(floor, LinearSRGBColorSpace) }),
    );
    ground.rotation.x = -Math.PI / 2;
    this.scene.add(ground, this.car);
  }

  setCar(side: Side, walk: Walk, trim: BodyShape['trim'] = []): void {
    this.clear();
    this.setTrim(side, trim);
    this.walk = walk;
    const angles = [walk.angles[0] ?? 10, walk.angles.at(-1) ?? 120] as const;
    const rows = Math.round((angles[1] - angles[0]) / ANGLE_STEP) + 1;
    const degrees = Array.from({ length: rows }, (_, i) => angles[0] + i * ANGLE_STEP);
    const old = texture(1, rows, Float32Array.from(degrees.flatMap((a) => [...oldLight(walk, a), 1])), false);
    this.disposables.push(old);
    const lights = walk.tables.map((table, t) => {
      const places = placesOf(table);
      const mm = Array.from({ length: places }, (_, i) => table.fromMm + i * table.stepMm);
      const rgba = Float32Array.from(degrees.flatMap((a) => mm.flatMap((m) => [...lightAt(walk, t, m, a), 1])));
      const made = texture(places, rows, rgba, false);
      this.disposables.push(made);
      return { made, places, reach: new Vector2(table.fromMm, (places - 1) * table.stepMm) };
    });
    const line = new LineBasicMaterial({ color: new Color().setStyle('#2a2a2a', LinearSRGBColorSpace) });
    this.disposables.push(line);
    for (const panel of side.panels) {
      const field = walk.field.find((f) => f.panel === panel.id);
      const rgba = (field?.mm ?? [0]).flatMap((mm) => [mm ?? 0, mm === null ? 0 : 1, 0, 1]);
      const raster = texture(field?.nx ?? 1, field?.ny ?? 1, Float32Array.from(rgba), false);
      const table = lights[field?.table ?? 0];
      const geometry = panelGeometry(side, panel, CUTS);
      // Cut fine, pieces leave pinholes between them; the same panel cut coarser lies just below.
      const below = panelGeometry(side, panel, CUTS - 3);
      const material = new ShaderMaterial({
        vertexShader: VERTEX,
        fragmentShader: FRAGMENT,
        // Sheets run down where the room runs up, so the winding says nothing.
        side: DoubleSide,
        uniforms: {
          eye: { value: new Vector3() },
          lamp: { value: new Vector3() },
          field: { value: raster },
          light: { value: table?.made ?? old },
          old: { value: old },
          sprayed: { value: field === undefined || table === undefined ? 0 : 1 },
          reach: { value: table?.reach ?? new Vector2(0, 1) },
          places: { value: table?.places ?? 1 },
          rows: { value: rows },
          angles: { value: new Vector2(angles[0], angles[1] - angles[0]) },
          times: { value: 1 },
          exposure: { value: 1 },
          raster: {
            value: [
              (field?.x0 ?? 0) - (field?.step ?? 1) / 2,
              (field?.y0 ?? 0) - (field?.step ?? 1) / 2,
              (field?.nx ?? 1) * (field?.step ?? 1),
              (field?.ny ?? 1) * (field?.step ?? 1),
            ],
          },
        },
      });
      const outline = new BufferGeometry().setFromPoints(
        panel.outline.map(([x = 0, y = 0]) => new Vector3(...onCar(side, [x, y]).at)),
      );
      const edge = new LineLoop(outline, line);
      this.materials.push(material);
      this.disposables.push(raster, geometry, below, material, outline);
      const mesh = new Mesh(geometry, material);
      const filler = new Mesh(below, material);
      filler.renderOrder = 1;
      this.meshes.push(mesh);
      this.car.add(mesh, filler, edge);
    }
  }

  /** Wheels and glass, so that it stands there as a car; neither is looked at. */
  private setTrim(side: Side, trim: BodyShape['trim']): void {
    for (const part of trim) {
      const darkness = TRIM[part.kind];
      const onThisSide = side.turn === (((part.points[0]?.[1] ?? 0) < 0 ? 180 : 0) as number);
      if (darkness === undefined || side.flat || !onThisSide) {
        continue;
      }
      const shape = new Shape(part.points.map(([x = 0, y = 0]) => new Vector2(...onCar(side, [x, y]).at.slice(0, 2))));
      const geometry = new ShapeGeometry(shape);
      const material = new MeshBasicMaterial({
        color: new Color().setStyle(darkness, LinearSRGBColorSpace),
        side: DoubleSide,
      });
      const mesh = new Mesh(geometry, material);
      // Behind the paint; a hub before its tyre.
      mesh.position.z = -0.12 + 0.002 * this.car.children.length;
      this.disposables.push(geometry, material);
      this.car.add(mesh);
    }
  }

  /** One picture from there. @param angle that the place looked at is seen at, degrees */
  render(room: Room, angle: number, times: number, width: number, height: number, density: number): void {
    if (this.walk === null || width < 2 || height < 2) {
      return;
    }
    this.renderer.setPixelRatio(density);
    this.renderer.setSize(width, height, false);
    const across = (ACROSS_DEG * Math.PI) / 180;
    this.camera.fov = (2 * Math.atan(Math.tan(across / 2) * (height / width)) * 180) / Math.PI;
    this.camera.aspect = width / height;
    this.camera.near = 0.05;
    this.camera.far = 80;
    this.camera.position.set(...room.eye);
    this.camera.lookAt(new Vector3(...room.gaze.at));
    this.camera.updateProjectionMatrix();
    this.camera.updateMatrixWorld();
    const exposure = exposureFor(oldLight(this.walk, angle));
    for (const { uniforms } of this.materials) {
      (uniforms.eye?.value as Vector3).set(...room.eye);
      (uniforms.lamp?.value as Vector3).set(...room.lamp);
      Object.assign(uniforms.times ?? {}, { value: times });
      Object.assign(uniforms.exposure ?? {}, { value: exposure });
    }
    this.renderer.render(this.scene, this.camera);
  }

  /** Where a place of the room lies in the picture, 0 to 1 from the left and from the top; null behind the viewer. */
  project(at: readonly [number, number, number]): Pair | null {
    const p = new Vector3(...at).project(this.camera);
    return p.z > 1 ? null : [(p.x + 1) / 2, (1 - p.y) / 2];
  }

  /** The place of the sheet that is seen at a place of the picture, mm; null where there is no panel. */
  pick([x, y]: Pair): Pair | null {
    const ray = new Raycaster();
    ray.setFromCamera(new Vector2(x * 2 - 1, 1 - y * 2), this.camera);
    const hit = ray.intersectObjects(this.meshes, false)[0]?.uv;
    return hit === undefined ? null : [hit.x, hit.y];
  }

  dispose(): void {
    this.clear();
    this.renderer.dispose();
  }

  private clear(): void {
    this.scene.remove(this.car);
    this.disposables.forEach((d) => d.dispose());
    this.disposables = [];
    this.materials = [];
    this.meshes = [];
    this.car = new Group();
    this.scene.add(this.car);
  }
}
