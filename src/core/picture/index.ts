export {
	readPicture,
	type Doubt,
	type PictureAnswer,
	type PictureProblem,
	type PictureQuestion,
	type PictureReading,
	type ReferenceKind
} from './read';
export { medianReading, READINGS_APART } from './readings';
