import ipaddr from 'ipaddr.js';

/**
 * Whether an IP address belongs to the public internet. Private, local, shared, reserved and multicast ranges do not,
 * nor do IPv6 addresses that wrap one of them. Anything that is no IP address is not public.
 */
export function isPublicAddress(address: string): boolean {
  if (!ipaddr.isValid(address)) return false;
  // `process` reads an IPv4 address that is written as IPv6 as what it is.
  return ipaddr.process(address).range() === 'unicast';
}
