/** What is threaded on a wire, in the round: beads seen through, caps and spacers of metal. */
import {
  type BufferGeometry,
  CylinderGeometry,
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

/** Its skin, where it is. */
export function solidSkin(solid: SceneSolid): BufferGeometry {
  const r = solid.diameterMm / 2;
  const straight = solid.kind === "CORD" || solid.kind === "SPACER";
  const fine = solid.diameterMm > LARGE_MM ? 2 : 1;
  const skin =
    straight || solid.kind === "CAP"
      ? new CylinderGeometry(r, straight ? r : r * CAP_TOP, solid.lengthMm, 32)
      : new SphereGeometry(r, 24 * fine, 16 * fine).scale(1, solid.lengthMm / solid.diameterMm, 1);
  const along = new Vector3(solid.axis[0], solid.axis[1], solid.axis[2]).normalize();
  const stands = new Quaternion().setFromUnitVectors(new Vector3(0, 1, 0), along);
  return skin.applyQuaternion(stands).translate(solid.centre[0]!, solid.centre[1]!, solid.centre[2]!);
}
