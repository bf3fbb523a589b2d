export {
	readPicture,
	type Lamp,
	type Doubt,
	type PictureAnswer,
	type PictureProblem,
	type PictureQuestion,
	type PictureReading,
	type Reference,
	type SurfaceKind
} from './read';
export { CARD_STEPS, SURFACES } from './constants';
export { type Patch } from './patch';
export { medianReading, READINGS_APART } from './readings';
