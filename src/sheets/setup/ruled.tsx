'use client';
/** A heading with a rule under it. */
import styled from 'styled-components';
import { Heading } from '@/kit/text';
import { colour } from '@/kit/tokens';

export const Ruled = styled(Heading)`
  border-bottom: 1.5px solid ${colour.ink};
  padding-bottom: 4px;
  margin-bottom: 12px;
`;
