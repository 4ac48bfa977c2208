import { type ComponentPropsWithoutRef, useLayoutEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { token } from '../theme/tokens';

const Box = styled.div`
    /* What is out of sight inside must not widen the page. */
    position: relative;
    overflow-x: auto;
`;

const Beside = styled.p`
    padding-bottom: 4px;
    color: ${token.soft};
    font-size: 13px;
    text-align: right;
`;

/** What may be wider than a phone scrolls in itself, and says so; give it a name and a tab stop. */
export function Scroll(props: ComponentPropsWithoutRef<'div'>) {
    const box = useRef<HTMLDivElement>(null);
    const [wider, setWider] = useState(false);
    useLayoutEffect(() => {
        const here = box.current;
        if (here === null || typeof ResizeObserver === 'undefined') {
            return;
        }
        const look = () => setWider(here.scrollWidth > here.clientWidth + 1);
        const watch = new ResizeObserver(look);
        watch.observe(here);
        for (const inside of here.children) {
            watch.observe(inside);
        }
        look();
        return () => watch.disconnect();
    }, []);
    return (
        <div>
            {wider && <Beside aria-hidden="true">more to the right: swipe or scroll →</Beside>}
            <Box ref={box} {...props} />
        </div>
    );
}
