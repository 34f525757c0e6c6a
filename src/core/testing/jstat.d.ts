/** jstat has no types: what the tests compare with. */
declare module 'jstat' {
  const jstat: {
    binomial: {
      pdf(k: number, n: number, p: number): number;
      cdf(k: number, n: number, p: number): number;
    };
    hypgeom: { pdf(k: number, all: number, marked: number, drawn: number): number };
    normal: {
      pdf(z: number, mean: number, deviation: number): number;
      cdf(z: number, mean: number, deviation: number): number;
    };
    chisquare: { inv(p: number, degrees: number): number };
  };
  // The package has nothing but a default.
  // eslint-disable-next-line no-restricted-syntax
  export default jstat;
}
