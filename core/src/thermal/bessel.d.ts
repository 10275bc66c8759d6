declare module 'bessel' {
  /** Bessel function of the first kind of integer order. */
  export function besselj(x: number, order: number): number;
}
