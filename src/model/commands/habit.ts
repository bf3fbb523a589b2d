import type { Client } from '../../schema/records';

/** What somebody does for their colour at home or between visits, if they do. */
export type HabitName = 'violetPerWeek' | 'bluePerWeek' | 'glossWeeks';

/** Sets how often on a draft; nothing of it is kept as none. */
export function setHabit(client: Client, name: HabitName, value: number): void {
	if (value > 0) client[name] = value;
	else if (name === 'violetPerWeek') delete client.violetPerWeek;
	else if (name === 'bluePerWeek') delete client.bluePerWeek;
	else delete client.glossWeeks;
}
