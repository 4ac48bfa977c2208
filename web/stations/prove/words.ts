import type { PlanStep } from '../../api/contract';

/** Whether a step of the plan was read, and with which result. */
export const STATE_WORDS: Readonly<Record<PlanStep['state'], string>> = {
    open: 'not measured yet',
    simulated: 'simulated only',
    agrees: 'agrees',
    differs: 'differs',
    cannot_be_compared: 'cannot be compared',
};
