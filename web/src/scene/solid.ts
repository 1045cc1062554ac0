/** What is threaded on a wire, in the round: beads seen through, caps and spacers of metal. */
import {
  type BufferGeometry,
  CylinderGeometry,
  MeshBasicMaterial,
  MeshPhongMaterial,
  Quaternion,
  SphereGeometry,
  Vector3,
} from "three";

export interface SceneSolid {
  kind: string;
  centre: readonly number[];
  axis: readonly number[];
  diameterMm: number;
  lengthMm: number;
}

/** How narrow a cap is at its hole, of its width. */
const CAP_TOP = 0.35;

/** A bead wider than this is drawn finer, mm. */
const LARGE_MM = 4;

export function beadMaterial(): MeshPhongMaterial {
  return new MeshPhongMaterial({
    transparent: true,
    opacity: 0.42,
    depthWrite: false,
    shininess: 70,
    specular: 0xffffff,
  });
}

export const isMetal = (solid: SceneSolid): boolean => ["BALL", "SPACER", "CAP"].includes(solid.kind);

/** A drilled hole, mm. */
export interface SceneHole {
  centre: readonly number[];
  axis: readonly number[];
  diameterMm: number;
  thickMm: number;
}

/** How far a hole's dark plug stands out of the metal, of its thickness. */
const HOLE_PROUD = 1.03;

/** A hole as a dark plug through the flat. */
export function holeSkin(hole: SceneHole): BufferGeometry {
  const r = hole.diameterMm / 2;
  return standing(new CylinderGeometry(r, r, hole.thickMm * HOLE_PROUD, 32), hole);
}

export const holeMaterial = (): MeshBasicMaterial => new MeshBasicMaterial({ color: 0x14181b });

/** Its skin, where it is. */
export function solidSkin(solid: SceneSolid): BufferGeometry {
  const r = solid.diameterMm / 2;
  const straight = solid.kind === "CORD" || solid.kind === "SPACER";
  const fine = solid.diameterMm > LARGE_MM ? 2 : 1;
  const skin =
    straight || solid.kind === "CAP"
      ? new CylinderGeometry(r, straight ? r : r * CAP_TOP, solid.lengthMm, 32)
      : new SphereGeometry(r, 24 * fine, 16 * fine).scale(1, solid.lengthMm / solid.diameterMm, 1);
  return standing(skin, solid);
}

function standing(
  skin: BufferGeometry,
  { centre, axis }: Pick<SceneHole, "centre" | "axis">,
): BufferGeometry {
  const along = new Vector3(axis[0], axis[1], axis[2]).normalize();
  const stands = new Quaternion().setFromUnitVectors(new Vector3(0, 1, 0), along);
  return skin.applyQuaternion(stands).translate(centre[0]!, centre[1]!, centre[2]!);
}
