<script lang="ts">
	import type { Component } from 'svelte';
	import { Toolbar } from 'bits-ui';
	import { iconButtonLook } from './look';
	import type Tip from './Tip.svelte';

	interface Props {
		/** What it does; an icon alone says it to nobody. */
		label: string;
		/** The key that does the same. */
		key?: string;
		icon: Component<{ size?: number; 'aria-hidden'?: 'true' }>;
		disabled?: boolean;
		/** On the dark rail. */
		rail?: boolean;
		/** One of a row of acts that the arrows walk: stands in a Toolbar. */
		inToolbar?: boolean;
		onclick: () => void;
	}
	let {
		label,
		key,
		icon: Icon,
		disabled = false,
		rail = false,
		inToolbar = false,
		onclick
	}: Props = $props();
	/** Its name comes up beside it once somebody rests there; what shows it is fetched then. */
	const RESTS_MS = 400;
	let Shown = $state.raw<typeof Tip>();
	let of = $state.raw<HTMLElement>();
	let timer: ReturnType<typeof setTimeout> | undefined;
	function rest({ currentTarget }: { currentTarget: HTMLElement }) {
		timer = setTimeout(() => {
			of = currentTarget;
			void import('./Tip.svelte').then((tip) => (Shown = tip.default));
		}, RESTS_MS);
	}
	function leave() {
		clearTimeout(timer);
		of = undefined;
	}
	$effect(() => leave);
	const look = $derived({
		class: iconButtonLook({ rail }),
		'aria-label': label,
		disabled,
		onpointerenter: rest,
		onpointerleave: leave,
		// A tap that gives it the focus has been done already: the keys rest there.
		onfocus: (event: FocusEvent & { currentTarget: HTMLElement }) =>
			event.currentTarget.matches(':focus-visible') && rest(event),
		onblur: leave,
		onclick: () => {
			leave();
			onclick();
		}
	});
</script>

{#if inToolbar}
	<Toolbar.Button {...look}><Icon size={20} aria-hidden="true" /></Toolbar.Button>
{:else}
	<button type="button" {...look}><Icon size={20} aria-hidden="true" /></button>
{/if}
{#if Shown && of}<Shown words={key ? `${label} · ${key}` : label} {of} />{/if}
<svelte:window onkeydown={(event) => event.key === 'Escape' && leave()} />
