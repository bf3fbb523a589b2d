import { createContext } from 'svelte';
import type { VisitSession } from './session.svelte';

export const [useVisit, provideVisit] = createContext<VisitSession>();
