export {
	DOUBT_WORDS,
	readPicture,
	type Patch,
	type PictureAnswer,
	type PictureQuestion,
	type PictureReading,
	type ReferenceKind
} from './read';
export { medianReading, READINGS_APART } from './readings';
