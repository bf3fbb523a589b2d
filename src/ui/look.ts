import { tv } from 'tailwind-variants/lite';

/** What looks like a button: one primary act of a place carries the accent. */
export const buttonLook = tv({
	base: 'inline-flex tap items-center justify-center gap-2 rounded-box border px-4 font-semibold whitespace-nowrap disabled:cursor-not-allowed disabled:border-line disabled:bg-sunk disabled:text-ink-soft',
	variants: {
		primary: { true: 'border-accent bg-accent text-on-accent', false: 'border-edge' }
	},
	defaultVariants: { primary: false }
});

/** An act among words. */
export const textButtonLook = tv({ base: 'tap text-ink underline underline-offset-3' });

/** One of several that stand in a row: what is chosen is underlined by the ink. */
export const optionLook = tv({
	base: 'tap border-b-3 border-transparent text-ink-soft data-[state=active]:border-ink data-[state=active]:font-bold data-[state=active]:text-ink data-[state=on]:border-ink data-[state=on]:font-bold data-[state=on]:text-ink'
});

/** What is typed or chosen into: one line under it, or a box where much is written. */
export const fieldLook = tv({
	base: 'tap w-full min-w-0 border-edge aria-invalid:border-stop',
	variants: {
		long: {
			true: 'resize-y rounded-box border bg-raised px-3 py-2',
			false: 'border-b-2 bg-room font-semibold'
		}
	},
	defaultVariants: { long: false }
});
