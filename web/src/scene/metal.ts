/** Metal on the screen: a ball lit as a bench lamp lights it, from which the skin takes its light wherever it faces. */
import { CanvasTexture, MeshMatcapMaterial, SRGBColorSpace } from "three";
import type { Tone } from "../drawing/metals";

const SIZE = 128;

export function metalMaterial(tone: Tone): MeshMatcapMaterial {
  const canvas = document.createElement("canvas");
  canvas.width = SIZE;
  canvas.height = SIZE;
  const pen = canvas.getContext("2d")!;
  pen.fillStyle = tone.deep;
  pen.fillRect(0, 0, SIZE, SIZE);
  const ball = pen.createRadialGradient(52, 44, 2, 64, 64, 64);
  ball.addColorStop(0, tone.light);
  ball.addColorStop(0.22, tone.light);
  ball.addColorStop(0.5, tone.body);
  ball.addColorStop(0.86, tone.deep);
  ball.addColorStop(1, tone.body);
  pen.fillStyle = ball;
  pen.fillRect(0, 0, SIZE, SIZE);
  const texture = new CanvasTexture(canvas);
  texture.colorSpace = SRGBColorSpace;
  return new MeshMatcapMaterial({ matcap: texture });
}
