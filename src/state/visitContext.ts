import { createContext } from 'svelte';
import type { VisitSession } from './visitState.svelte';

export const [useVisit, provideVisit] = createContext<VisitSession>();
