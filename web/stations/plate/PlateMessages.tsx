import styled from 'styled-components';
import type { FieldPath } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { token } from '../../theme/tokens';

const Message = styled.p`
    padding: 5px 10px;
    border-bottom: 1px solid ${token.rule};
    border-left: 4px solid ${token.stop};
    background: ${token.stopWash};
    color: ${token.stop};
    font-size: 14px;
    line-height: 1.3;
    b {
        font-weight: 600;
    }
`;

export const messageId = (path: string): string => `message-${path.replace('.', '-')}`;

/** What is wrong with the fields of one row of the plate, right below it, where there is room for words. */
export function PlateMessages({ fields }: { fields: readonly { path: FieldPath; label: string }[] }) {
    const { solved } = useBench();
    return (
        <div role="alert">
            {fields.map(({ path, label }) => {
                const error = solved.error(path);
                return error === undefined || error.kind === 'missing' ? null : (
                    <Message key={path} id={messageId(path)}>
                        <b>{label}:</b> {error.text} {error.accepted}
                    </Message>
                );
            })}
        </div>
    );
}
