'use client';
/** What was just done, in words, for a few seconds. */
import { useEffect } from 'react';
import styled from 'styled-components';
import { PlainButton } from '@/kit/button';
import { colour, paper } from '@/kit/tokens';

const SHOWN_FOR = 7000;

export function Toast({
  toast,
  onClose,
}: {
  toast: { message: string; at: number } | undefined;
  onClose: () => void;
}) {
  useEffect(() => {
    if (!toast) return;
    const timer = setTimeout(onClose, SHOWN_FOR);
    return () => clearTimeout(timer);
  }, [toast, onClose]);
  return (
    <Place role="status" aria-live="polite">
      {toast ? (
        <Message key={toast.at}>
          <span>{toast.message}</span>
          <PlainButton onPress={onClose}>Close</PlainButton>
        </Message>
      ) : null}
    </Place>
  );
}

const Place = styled.div`
  position: fixed;
  left: 96px;
  bottom: 18px;
  right: 18px;
  pointer-events: none;
  z-index: 30;
  ${paper} {
    display: none;
  }
  @media (max-width: 760px) {
    left: 10px;
    right: 10px;
  }
`;
const Message = styled.div`
  pointer-events: auto;
  display: inline-flex;
  gap: 14px;
  align-items: baseline;
  max-width: 560px;
  padding: 8px 14px;
  background: ${colour.room};
  border: 2px solid ${colour.ink};
`;
