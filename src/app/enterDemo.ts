import { chooseSalon } from '../store/open';

/** Chooses the demo for this window, before any records are opened: it has a database of its own, and touches nobody's. */
export function enterDemo(): void {
	chooseSalon('demo');
}
