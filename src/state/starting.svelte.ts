/** Whether somebody is about to sit down: the sheet that asks who hangs over any page. */
export const starting = $state({ open: false });
