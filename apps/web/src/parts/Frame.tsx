import { Box, chakra, Flex } from '@chakra-ui/react';
import { NavLink, Outlet, useLocation } from 'react-router';
import { useStore } from 'zustand';
import { useEffect, useRef } from 'react';
import { engineStore } from '../store/engine-store.ts';
import { submissionStore } from '../store/submission-store.ts';
import { wordClosing } from './closing.ts';
import { Mark } from './Mark.tsx';

/** The line at the top, and the place below it. */
export function Frame() {
  const { pathname } = useLocation();
  const main = useRef<HTMLElement>(null);
  const place = pathname.split('/')[1];
  useEffect(() => {
    // A keyboard or screen reader starts at the new place, not at the link that led there.
    if (document.activeElement !== document.body) main.current?.focus({ preventScroll: true });
    window.scrollTo(0, 0);
  }, [pathname]);
  return (
    <Flex direction="column" minHeight="100dvh">
      <chakra.a
        href="#main"
        className="no-print"
        position="absolute"
        left="-999px"
        _focus={{ left: '8px', top: '8px', background: 'sheet', padding: '8px', zIndex: 9 }}
      >
        Skip to the content
      </chakra.a>
      <Flex
        as="header"
        className="no-print"
        background="sheet"
        borderBottomWidth="1px"
        borderColor="ink"
        minHeight="52px"
        paddingInline={{ base: '16px', md: '24px' }}
        paddingBlock="6px"
        align="center"
        gap={{ base: '4px 16px', md: '22px' }}
        wrap="wrap"
      >
        <chakra.span display="inline-flex" alignItems="center" gap="10px" fontWeight="700" fontSize="18px">
          <Mark />
          <chakra.span>Able Frame</chakra.span>
        </chakra.span>
        {place === 'submission' && <Where />}
        <Box flex="1" />
        <Flex as="nav" aria-label="Main" gap="22px">
          <TopLink to="/">Home</TopLink>
          <TopLink to="/sheets">Rule sheets</TopLink>
          <TopLink to="/check">Check files</TopLink>
        </Flex>
      </Flex>
      <EngineLine />
      <chakra.main
        ref={main}
        id="main"
        tabIndex={-1}
        flex="1"
        width="100%"
        outline="none"
        paddingInline={{ base: '16px', md: '24px' }}
        paddingBlock="18px"
        maxWidth="1480px"
        marginInline="auto"
      >
        <Outlet />
      </chakra.main>
    </Flex>
  );
}

function Where() {
  const submission = useStore(submissionStore, s => s.submission);
  if (!submission) return null;
  const closing = wordClosing(submission.sheet.closes, new Date());
  return (
    <Flex gap="4px 22px" wrap="wrap">
      <span>{submission.sheet.title}</span>
      {closing && <chakra.span color="inkSoft">{closing}</chakra.span>}
    </Flex>
  );
}

function TopLink({ to, children }: { to: string; children: string }) {
  return (
    <chakra.span
      css={{
        '& a': { color: 'inkSoft', textDecoration: 'none', display: 'inline-block', paddingBlock: '4px' },
        '& a:hover': { textDecoration: 'underline' },
        '& a.active': { color: 'ink', fontWeight: '700' },
      }}
    >
      <NavLink to={to} end={to === '/'}>
        {children}
      </NavLink>
    </chakra.span>
  );
}

/** The pixel engine is fetched when first needed, and this line says so. */
function EngineLine() {
  const engine = useStore(engineStore, s => s.engine);
  const text =
    engine.state === 'starting'
      ? 'Getting the pixel engine ready …'
      : engine.state === 'failed'
        ? `The pixel engine could not start: ${engine.why}. Reload the page; if that does not help, use a current browser.`
        : '';
  return (
    <Box role="status" className="no-print">
      {text && (
        <Box
          paddingInline={{ base: '16px', md: '24px' }}
          paddingBlock="6px"
          borderBottomWidth="1px"
          borderColor="line"
          background={engine.state === 'failed' ? 'brokenWash' : 'accentWash'}
        >
          {text}
        </Box>
      )}
    </Box>
  );
}
