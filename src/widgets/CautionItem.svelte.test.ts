import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import CautionItem from './CautionItem.svelte';
import { quietFacts } from '../testing/quietFacts';
import type { StandingCaution } from '../model/visit/cautions';

afterEach(cleanup);

const henna: StandingCaution = {
	code: 'henna',
	severity: 'stop',
	station: 'read',
	facts: { ...quietFacts, henna: true },
	reason: undefined
};
const open = (change: Partial<StandingCaution> = {}) => {
	const onpass = vi.fn();
	render(CautionItem, { caution: { ...henna, ...change }, onpass });
	return onpass;
};

describe('a caution', () => {
	it('that stops is passed only with a reason that says something', async () => {
		const onpass = open();
		const pass = screen.getByRole<HTMLButtonElement>('button', { name: 'Pass this stop' });
		const reason = screen.getByLabelText(/Why you go on/);
		expect(pass.disabled).toBe(true);
		await fireEvent.input(reason, { target: { value: '          ' } });
		expect(pass.disabled).toBe(true);
		await fireEvent.input(reason, { target: { value: '  tested at home, clean  ' } });
		expect(pass.disabled).toBe(false);
		await fireEvent.click(pass);
		expect(onpass).toHaveBeenCalledExactlyOnceWith('henna', 'tested at home, clean');
	});
	it('that asks can be seen to without one', async () => {
		const onpass = open({ severity: 'ask' });
		await fireEvent.click(screen.getByRole('button', { name: 'I have seen to it' }));
		expect(onpass).toHaveBeenCalledWith('henna', '');
	});
	it('that only notes has nothing to press', () => {
		open({ severity: 'note' });
		expect(screen.queryByRole('button')).toBeNull();
	});
	it('that was passed shows the reason that is kept', () => {
		open({ reason: 'tested at home' });
		expect(screen.getByText(/“tested at home”/)).toBeTruthy();
		expect(screen.queryByRole('button')).toBeNull();
	});
	it('says what it is in words, not by colour alone', () => {
		open();
		expect(screen.getByText(/^Stop: Henna/)).toBeTruthy();
	});
});
