/** Behaviour without a look, for what is drawn in its own place: the one door to the package that has it. */
export { Command, Dialog, Popover, RadioGroup, Slider, Toolbar } from 'bits-ui';
