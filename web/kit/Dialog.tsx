import type { ReactNode } from 'react';
import { Dialog as AriaDialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { token } from '../theme/tokens';

const Shade = styled(ModalOverlay)`
    position: fixed;
    inset: 0;
    z-index: 20;
    display: grid;
    place-items: center;
    padding: 16px;
    background: rgb(10 16 18 / 55%);
`;

const Box = styled(Modal)`
    width: min(640px, 100%);
    max-height: 100%;
    overflow: auto;
    border-top: 6px solid ${token.accent};
    border-radius: 4px;
    background: ${token.sheet};
    color: ${token.ink};
`;

const Inside = styled(AriaDialog)`
    display: grid;
    gap: 14px;
    padding: 22px 24px;
    outline: none;
`;

const Title = styled(Heading)`
    font-size: 22px;
    font-weight: 600;
`;

export const Actions = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    justify-content: flex-end;
`;

/** A question that must be answered before the work goes on. */
export function Dialog({
    title,
    open,
    onClose,
    dismissable = true,
    children,
}: {
    title: string;
    open: boolean;
    onClose: () => void;
    dismissable?: boolean;
    children: ReactNode;
}) {
    return (
        <Shade
            isOpen={open}
            isDismissable={dismissable}
            isKeyboardDismissDisabled={!dismissable}
            onOpenChange={(isOpen) => {
                if (!isOpen) {
                    onClose();
                }
            }}
        >
            <Box>
                <Inside>
                    <Title slot="title">{title}</Title>
                    {children}
                </Inside>
            </Box>
        </Shade>
    );
}
