'use client';
import { Link } from './link';
import styled from 'styled-components';
import { buttonLook } from './button';

/** A link that looks like a button: it leads to another sheet. */
export const LinkButton = styled(Link)<{ $primary?: boolean }>`
  ${buttonLook}
`;
