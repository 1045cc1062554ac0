/** Stands in for the part of three that needs a graphics card. */
import type * as Three from "three";

/** three with a renderer that draws nothing, and tells what it is asked to draw. */
export function withoutCard(three: typeof Three, drawn?: (scene: Three.Scene) => void) {
  class WebGLRenderer {
    localClippingEnabled = false;
    domElement: HTMLCanvasElement;
    constructor({ canvas }: { canvas: HTMLCanvasElement }) {
      this.domElement = canvas;
    }
    setPixelRatio() {}
    setSize(width: number, height: number) {
      Object.defineProperty(this.domElement, "clientWidth", { value: width, configurable: true });
      Object.defineProperty(this.domElement, "clientHeight", { value: height, configurable: true });
    }
    render(scene: Three.Scene) {
      drawn?.(scene);
    }
    dispose() {}
  }
  return { ...three, WebGLRenderer };
}
