import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import Choice from './Choice.svelte';
import Dial from './Dial.svelte';
import NumberField from './NumberField.svelte';
import Select from './Select.svelte';
import Tick from './Tick.svelte';
import { stubPointer } from '../testing/pointer';
import { stubResizeObserver } from '../testing/resizeObserver';

beforeAll(stubResizeObserver);
afterEach(cleanup);

describe('a number field', () => {
	const open = (extra = {}) => {
		const onchange = vi.fn();
		render(NumberField, {
			label: 'Length',
			value: 30,
			min: 1,
			max: 150,
			step: 0.5,
			unit: 'cm',
			onchange,
			...extra
		});
		const input = screen.getByLabelText<HTMLInputElement>('Length');
		const type = (text: string) => fireEvent.change(input, { target: { value: text } });
		return { onchange, input, type };
	};

	it('takes a decimal comma as well as a point, on its steps', async () => {
		const { onchange, type } = open();
		await type('22,5');
		expect(onchange).toHaveBeenLastCalledWith(22.5);
		await type('22.7');
		expect(onchange).toHaveBeenLastCalledWith(22.5);
	});
	it.each(['', '  ', 'long', '0', '151', '-4', '1e9', 'NaN'])(
		'says of "%s" what is allowed, and changes nothing',
		async (text) => {
			const { onchange, input, type } = open();
			await type(text);
			expect(onchange).not.toHaveBeenCalled();
			expect(screen.getByRole('alert').textContent).toContain('1 to 150 cm');
			expect(input.getAttribute('aria-invalid')).toBe('true');
			expect(input.getAttribute('aria-describedby')).toBe(screen.getByRole('alert').id);
		}
	);
	it('takes its fault back when the value is good again', async () => {
		const { type } = open();
		await type('900');
		await type('90');
		expect(screen.queryByRole('alert')).toBeNull();
	});
	it('is empty where nothing is known', () => {
		expect(open({ value: undefined }).input.value).toBe('');
	});
});

describe('a choice', () => {
	const options = [
		{ value: 'a', label: 'fine' },
		{ value: 'b', label: 'coarse' }
	] as const;

	it('shows what is chosen and gives what is picked', async () => {
		const onchange = vi.fn();
		render(Choice, { label: 'Texture', value: 'a', options, onchange });
		expect(screen.getByRole('radio', { name: 'fine' }).getAttribute('aria-checked')).toBe('true');
		await fireEvent.click(screen.getByRole('radio', { name: 'coarse' }));
		expect(onchange).toHaveBeenCalledWith('b');
	});
	it('always keeps one chosen: pressing it again clears nothing', async () => {
		const onchange = vi.fn();
		render(Choice, { label: 'Texture', value: 'a', options, onchange });
		await fireEvent.click(screen.getByRole('radio', { name: 'fine' }));
		expect(onchange).not.toHaveBeenCalledWith('');
	});
});

describe('a dial', () => {
	it('is a slider with its value in words, moved by keys', async () => {
		const onchange = vi.fn();
		render(Dial, {
			label: 'Developer',
			value: 20,
			min: 5,
			max: 40,
			step: 2.5,
			shown: '20 vol',
			hint: '25 vol: more',
			onchange
		});
		const slider = screen.getByRole('slider', { name: 'Developer' });
		expect(slider.getAttribute('aria-valuetext')).toBe('20 vol');
		await fireEvent.keyDown(slider, { key: 'ArrowRight' });
		expect(onchange).toHaveBeenCalledWith(22.5);
		expect(screen.getByText('25 vol: more')).toBeTruthy();
	});
});

describe('a select and a tick', () => {
	it('give what is picked, and nothing that is not on the list', async () => {
		const onchange = vi.fn();
		const options = [
			{ value: 'foil', label: 'foil' },
			{ value: 'cap', label: 'cap' }
		] as const;
		// Under a finger it is the device's own list.
		stubPointer('coarse');
		render(Select, { label: 'Placement', value: 'foil', options, onchange });
		await fireEvent.change(screen.getByLabelText('Placement'), { target: { value: 'cap' } });
		expect(onchange).toHaveBeenCalledExactlyOnceWith('cap');
		cleanup();
		stubPointer('fine');
		render(Select, { label: 'Placement', value: 'foil', options, onchange });
		const trigger = screen.getByRole('combobox', { name: 'Placement' });
		expect(trigger.textContent).toContain('foil');
		// What is near the hand is fetched; then it is the same field.
		await fireEvent.focus(trigger);
		const fetched = await vi.waitFor(() => {
			const own = screen.getByRole('combobox', { name: 'Placement' });
			expect(own.getAttribute('data-state')).toBe('closed');
			return own;
		});
		expect(document.activeElement).toBe(fetched);
		// A letter goes to the next that begins with it, without the list.
		await fireEvent.keyDown(fetched, { key: 'c' });
		expect(onchange).toHaveBeenLastCalledWith('cap');
	});
	it('are reached by their labels', async () => {
		const onchange = vi.fn();
		render(Tick, { label: 'Henna', checked: false, onchange });
		await fireEvent.click(screen.getByRole('checkbox', { name: 'Henna' }));
		expect(onchange).toHaveBeenCalledWith(true);
	});
});
