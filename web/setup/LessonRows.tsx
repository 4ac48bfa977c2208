import styled from 'styled-components';
import { Button } from '../kit/Button';
import { Select, type Option } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { narrow } from '../theme/tokens';

/** One row of what a site knows of the stamps of its motors. */
export interface Lesson {
    kind: 'date' | 'order' | 'grease';
    pattern: string;
    months?: string;
    says?: string;
    thickener?: string;
}

const Row = styled.div`
    display: grid;
    grid-column: 1 / -1;
    grid-template-columns: minmax(0, 1fr) minmax(0, 2fr) auto;
    gap: 12px;
    align-items: end;
    @media ${narrow} {
        grid-template-columns: minmax(0, 1fr);
    }
`;

const KINDS = [
    {
        kind: 'date',
        title: 'Dates in serial numbers',
        says: 'YY or YYYY stands for the year, WW for the week, MM for the month; # is a digit, @ a letter, ? any sign, * any rest.',
        add: 'Add a date pattern',
        pattern: 'Pattern, such as SN-YYWW-*',
    },
    {
        kind: 'order',
        title: 'Order numbers and types',
        says: 'What a number of this pattern tells. # is a digit, @ a letter, ? any sign, * any rest.',
        add: 'Add an order number',
        pattern: 'Pattern, such as KD#-160*',
    },
    {
        kind: 'grease',
        title: 'Greases',
        says: 'The thickener is on the data sheet. Greases with different thickeners do not mix.',
        add: 'Add a grease',
        pattern: 'Name of the grease',
    },
] as const;

/** What a site teaches: rows by kind, which keep the place that they have in the whole list. */
export function LessonRows({
    lessons,
    thickeners,
    errorAt,
    onChange,
}: {
    lessons: readonly Lesson[];
    thickeners: Option[];
    errorAt: (path: string) => string | undefined;
    onChange: (lessons: Lesson[]) => void;
}) {
    const put = (at: number, more: Partial<Lesson>) => onChange(lessons.map((one, i) => (i === at ? { ...one, ...more } : one)));
    const error = (at: number, key: string) => errorAt(`settings.lessons[${at}].${key}`);
    const said = (lesson: Lesson, at: number) => {
        switch (lesson.kind) {
            case 'date':
                return (
                    <TextField
                        label="Warranty"
                        unit="months"
                        value={lesson.months ?? ''}
                        error={error(at, 'months')}
                        onChange={(months) => put(at, { months })}
                    />
                );
            case 'order':
                return (
                    <TextField
                        label="What it tells"
                        value={lesson.says ?? ''}
                        error={error(at, 'says')}
                        onChange={(says) => put(at, { says })}
                    />
                );
            case 'grease':
                return (
                    <Select
                        label="Thickener"
                        value={lesson.thickener ?? ''}
                        options={thickeners}
                        error={error(at, 'thickener')}
                        onChange={(thickener) => put(at, { thickener })}
                    />
                );
        }
    };
    return KINDS.map(({ kind, title, says, add, pattern }) => (
        <fieldset key={kind}>
            <legend>{title}</legend>
            <p>{says}</p>
            {lessons.map(
                (lesson, at) =>
                    lesson.kind === kind && (
                        <Row key={at}>
                            <TextField
                                label={pattern}
                                value={lesson.pattern}
                                error={error(at, 'pattern')}
                                onChange={(typed) => put(at, { pattern: typed })}
                            />
                            {said(lesson, at)}
                            <Button type="button" onPress={() => onChange(lessons.filter((_, i) => i !== at))}>
                                Remove
                            </Button>
                        </Row>
                    ),
            )}
            <Button type="button" onPress={() => onChange([...lessons, { kind, pattern: '' }])}>
                {add}
            </Button>
        </fieldset>
    ));
}
