export {
	bandOf,
	isTakeable,
	readPicture,
	type Lamp,
	type Doubt,
	type PictureAnswer,
	type PictureProblem,
	type PictureQuestion,
	type PictureReading,
	type Reference
} from './read';
export { greyTables } from './grey';
export { CARD_STEPS, SURFACES } from './constants';
export type { TwoKinds } from './kinds';
export { medianReading, READINGS_APART } from './readings';
