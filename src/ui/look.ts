import { tv } from 'tailwind-variants/lite';

/** What looks like a button: one primary act of a place carries the accent. */
export const buttonLook = tv({
	base: 'inline-flex tap items-center justify-center gap-2 rounded-box border px-4 font-semibold whitespace-nowrap disabled:cursor-not-allowed disabled:border-line disabled:bg-sunk disabled:text-ink-soft aria-pressed:border-ink aria-pressed:bg-sunk',
	variants: {
		primary: { true: 'border-accent bg-accent text-on-accent', false: 'border-edge' }
	},
	defaultVariants: { primary: false }
});

/** An act that an icon alone shows; its name comes up beside it. */
export const iconButtonLook = tv({
	base: 'grid tap w-11 flex-none place-items-center disabled:cursor-default disabled:text-edge',
	variants: {
		rail: { true: 'text-rail-ink', false: 'text-ink-soft hover:text-ink' }
	},
	defaultVariants: { rail: false }
});

/** An act among words. */
export const textButtonLook = tv({ base: 'tap text-ink underline underline-offset-3' });

/** One of several that stand in a row: what is chosen is underlined by the ink. */
export const optionLook = tv({
	base: 'tap border-b-3 border-transparent text-ink-soft disabled:cursor-not-allowed data-[state=active]:border-ink data-[state=active]:font-bold data-[state=active]:text-ink data-[state=on]:border-ink data-[state=on]:font-bold data-[state=on]:text-ink'
});

/** What is typed or chosen into: one line under it, or a box where much is written. */
export const fieldLook = tv({
	base: 'w-full min-w-0 border-edge aria-invalid:border-stop',
	variants: {
		long: {
			true: 'tap resize-y rounded-box border bg-raised px-3 py-2',
			// As tall as a field of figures, whose line lies outside it.
			false: 'min-h-11.5 border-b-2 bg-room font-semibold'
		}
	},
	defaultVariants: { long: false }
});

/** What opens under a field or a word and is chosen from; as wide as what it hangs on, at least. */
export const listLook = tv({
	base: 'z-50 max-h-80 min-w-[max(var(--bits-floating-anchor-width),140px)] overflow-auto rounded-box border border-edge bg-raised py-1'
});

/** One line of it: the pointer and the keys highlight it alike. */
export const listItemLook = tv({
	base: 'flex tap cursor-pointer items-center gap-2 px-3 focus-visible:outline-none data-highlighted:bg-sunk'
});
