export {
	factorOf,
	fadePersonal,
	learn,
	personalWords,
	UNKNOWN_CLIENT,
	type Observation,
	type Personal
} from './personal';
