import { demoSalon } from '../model/demo/documents';
import { demoPast } from '../model/demo/past';
import type { Moment } from '../model/time';
import type { AnyDocument } from '../schema/records';

/** The demo salon at a moment, its past made up for that very moment. */
export const demoDocuments = (moment: Moment): AnyDocument[] => demoSalon(moment, demoPast(moment));
