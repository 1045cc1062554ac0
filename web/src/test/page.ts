/** What the page of the tests lacks of a browser's: sizes, what is in view, the light, and a pen that counts its strokes. */
class Sizes implements ResizeObserver {
  constructor(private readonly seen: ResizeObserverCallback) {}
  observe(): void {
    this.seen([{ contentRect: { width: 800, height: 400 } } as ResizeObserverEntry], this);
  }
  unobserve(): void {}
  disconnect(): void {}
}

class InView {
  constructor(private readonly seen: IntersectionObserverCallback) {}
  observe(target: Element): void {
    this.seen(
      [{ isIntersecting: true, target } as IntersectionObserverEntry],
      this as unknown as IntersectionObserver,
    );
  }
  disconnect(): void {}
}

globalThis.ResizeObserver ??= Sizes;
globalThis.IntersectionObserver ??= InView as unknown as typeof IntersectionObserver;
globalThis.matchMedia ??= () =>
  ({
    matches: false,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }) as unknown as MediaQueryList;
