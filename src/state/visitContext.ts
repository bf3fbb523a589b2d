import { createContext } from 'svelte';
import type { VisitState } from './visitState.svelte';

export const [useVisit, provideVisit] = createContext<VisitState>();
