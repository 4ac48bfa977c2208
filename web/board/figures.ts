import type { BoardFigure } from '../api/contract';

/** A figure among those of a board or of a circuit on it. */
export const figureOf = (figures: readonly BoardFigure[], key: string): BoardFigure | undefined => figures.find((one) => one.key === key);

export const shownOf = (figures: readonly BoardFigure[], key: string): string => figureOf(figures, key)?.shown ?? '';

export const numberOf = (figures: readonly BoardFigure[], key: string): number => {
    const value = figureOf(figures, key)?.value;
    return typeof value === 'number' ? value : 0;
};
