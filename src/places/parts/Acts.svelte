<script lang="ts">
	import Redo2 from '@lucide/svelte/icons/redo-2';
	import Undo2 from '@lucide/svelte/icons/undo-2';
	import X from '@lucide/svelte/icons/x';
	import { Toolbar } from '../../ui/headless';
	import Button from '../../ui/Button.svelte';
	import Fold from '../../ui/Fold.svelte';
	import IconButton from '../../ui/IconButton.svelte';
	import Menu from '../../ui/Menu.svelte';
	import Progress from '../../ui/Progress.svelte';
	import Sheet from '../../ui/Sheet.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { THREE, type One } from './three';

	let pressed = $state(false);
	let open = $state(false);
	let asked = $state(false);
	let some = $state.raw<One[]>(['one']);
	/** Puts one of them in or out. */
	const pick = (id: string) =>
		(some = THREE.map(({ value }) => value).filter(
			(value) => some.includes(value) !== (value === id)
		));
</script>

<section>
	<h2 class="mb-3 text-18">Acts</h2>
	<div class="flex flex-wrap items-center gap-3">
		<Button primary>Primary</Button>
		<Button>Quiet</Button>
		<Button disabled>Not now</Button>
		<Button primary disabled>Not now either</Button>
		<TextButton onclick={() => undefined}>Among words</TextButton>
		<TextButton {pressed} onclick={() => (pressed = !pressed)}
			>{pressed ? 'Switched on' : 'Switched off'}</TextButton
		>
		<Button onclick={() => (open = true)}>Open a sheet</Button>
		<Button onclick={() => (asked = true)}>Ask first</Button>
	</div>
</section>

<section>
	<h2 class="mb-3 text-18">Menus and acts without words</h2>
	<div class="flex flex-wrap items-center gap-4">
		<Menu label="Acts" items={THREE.map(({ value: id, label }) => ({ id, label }))} onpick={pick} />
		<Menu
			label="What is shown"
			items={THREE.map(({ value: id, label }) => ({ id, label, checked: some.includes(id) }))}
			onpick={pick}
		/>
		<IconButton label="Take it off" icon={X} onclick={() => (some = [])} />
		<Toolbar.Root aria-label="A row of acts" class="flex bg-rail">
			<IconButton rail inToolbar label="Undo" key="Ctrl Z" icon={Undo2} onclick={() => undefined} />
			<IconButton rail inToolbar disabled label="Redo" icon={Redo2} onclick={() => undefined} />
		</Toolbar.Root>
	</div>
</section>

<section>
	<h2 class="mb-3 text-18">What is under way</h2>
	<p class="flex flex-wrap gap-x-8 gap-y-3">
		<Progress label="Looking for ways…" share={0.4} />
		<Progress label="Reading the file…" share={undefined} />
	</p>
</section>

<section>
	<h2 class="mb-3 text-18">What folds away</h2>
	<Fold title="Closed" summary="says what stands inside"><p>Inside.</p></Fold>
	<Fold title="Open" summary="from the beginning" open><p>Inside.</p></Fold>
</section>

<Sheet {open} title="A sheet" onclose={() => (open = false)}>
	<p>What is asked before it goes on.</p>
	{#snippet actions()}<Button primary onclick={() => (open = false)}>Go on</Button>{/snippet}
</Sheet>
<Sheet alert open={asked} title="A stop" onclose={() => (asked = false)}>
	<p>What has to be answered: a tap beside it does not put it away.</p>
	{#snippet actions()}<Button primary onclick={() => (asked = false)}>Go on</Button>{/snippet}
</Sheet>
