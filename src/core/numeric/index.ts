export { bisect } from './bisect';
export { root } from './root';
export { goldenSection } from './goldenSection';
export { leastSquares } from './leastSquares';
export { quantile } from './quantile';
export { normalQuantile, normalShare, quasiRandom, stratifiedNormals } from './sampling';
export { chanceOf, type Chance } from './chance';
