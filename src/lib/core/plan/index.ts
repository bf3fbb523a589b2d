export { CHAIR_MINUTES, PLAN, RETURN_WEEKS, TARGET_TOLERANCE } from './constants';
export { neededLevel } from './neededLevel';
export { estimateSessions, type PlannedVisit, type SessionsEstimate } from './sessions';
export { chairMinutes } from './hours';
