'use client';
import { Dialog as AriaDialog } from 'react-aria-components/Dialog';
import { Heading } from 'react-aria-components/Heading';
import { Modal, ModalOverlay } from 'react-aria-components/Modal';
import styled from 'styled-components';
import type { DialogProps } from './dialog';
import { colour, face, narrow } from './tokens';

/** The dialog itself, once it is open. */
export function OpenedDialog({ title, onClose, children, footer, wide, urgent }: DialogProps) {
  return (
    <Backdrop isOpen onOpenChange={(open) => !open && onClose()} isDismissable={!urgent}>
      <Frame $wide={!!wide}>
        <Body role={urgent ? 'alertdialog' : 'dialog'}>
          <Title slot="title">{title}</Title>
          <Content>{children}</Content>
          {footer ? <Footer>{footer}</Footer> : null}
        </Body>
      </Frame>
    </Backdrop>
  );
}

const Backdrop = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  background: rgb(31 47 70 / 0.35);
  display: grid;
  place-items: center;
  padding: 20px;
  z-index: 40;
  ${narrow} {
    padding: 6px;
  }
`;
const Frame = styled(Modal)<{ $wide: boolean }>`
  background: ${colour.sheet};
  border: 2px solid ${colour.ink};
  width: min(${(p) => (p.$wide ? 900 : 540)}px, 100%);
  max-height: calc(100vh - 40px);
  display: flex;
  overflow: hidden;
`;
const Body = styled(AriaDialog)`
  display: flex;
  flex-direction: column;
  flex: 1;
  min-width: 0;
  outline: none;
`;
const Title = styled(Heading)`
  font: 700 21px/1.2 ${face.title};
  padding: 16px 20px 10px;
`;
const Content = styled.div`
  padding: 4px 20px 16px;
  overflow: auto;
  display: grid;
  gap: 14px;
  min-height: 0;
`;
const Footer = styled.footer`
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  gap: 10px;
  padding: 12px 20px;
  border-top: 1.5px solid ${colour.ink};
`;
