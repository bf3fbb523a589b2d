<script lang="ts">
	import { bell, speak } from '../../devices/bell';
	import { callSettings, LOUDNESS, type Loudness } from '../../state/callSettings.svelte';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import Fold from '../../ui/Fold.svelte';
	import Switch from '../../ui/Switch.svelte';
	import { say } from '../../ui/say.svelte';

	const OPTIONS = (Object.keys(LOUDNESS) as Loudness[]).map((value) => ({ value, label: value }));
	function test() {
		bell.wake();
		if (!bell.ring(2, 0, LOUDNESS[callSettings.loudness]))
			say('This browser lets no sound out yet: tap once more.');
		if (callSettings.speaks) speak('Rinse the back, now');
	}
	async function notify(wanted: boolean) {
		const allowed =
			wanted &&
			'Notification' in globalThis &&
			(Notification.permission === 'granted' ||
				(await Notification.requestPermission()) === 'granted');
		callSettings.set({ notifies: allowed });
		if (wanted && !allowed) say('This browser does not let Zelvant show notices.');
	}
</script>

<Fold title="How it calls you" summary="sound {callSettings.loudness}">
	<Choice
		label="Sound"
		value={callSettings.loudness}
		options={OPTIONS}
		hint="One note to look, two when something is ready, three again and again at a limit; a pitch of its own for each head."
		onchange={(loudness) => callSettings.set({ loudness })}
	/>
	<div><Button onclick={test}>Test it</Button></div>
	<Switch
		label="Say it aloud, in a voice of this device"
		checked={callSettings.speaks}
		onchange={(speaks) => callSettings.set({ speaks })}
	/>
	<Switch
		label="A notice while another window is in front"
		checked={callSettings.notifies}
		onchange={(wanted) => void notify(wanted)}
	/>
</Fold>
