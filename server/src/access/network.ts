import { hostname, networkInterfaces, type NetworkInterfaceInfo } from 'node:os';

/** Under which addresses this machine is found in the house. */

/** An address as it is written without the form that IPv6 gives to those of IPv4. */
export const plainAddress = (address: string): string => address.replace(/^::ffff:(?=\d+\.)/, '').split('%')[0]!;

/** Networks of houses (RFC 1918) come before others; what machines make up for themselves comes last. */
const likely = (address: string): number =>
  /^192\.168\./.test(address)
    ? 0
    : /^10\./.test(address)
      ? 1
      : /^172\.(1[6-9]|2\d|3[01])\./.test(address)
        ? 2
        : /^169\.254\./.test(address)
          ? 4
          : 3;

/** The IPv4 addresses of this machine in its networks, the likeliest first. */
export const houseAddresses = (interfaces: NodeJS.Dict<NetworkInterfaceInfo[]> = networkInterfaces()): string[] =>
  Object.values(interfaces)
    .flatMap((all) => all ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address)
    .sort((a, b) => likely(a) - likely(b));

/** The names of this machine: as it calls itself, and as it is called where names are asked of everybody (RFC 6762). */
export const houseNames = (name: string = hostname()): string[] => {
  const own = name.toLowerCase().replace(/\.local$/, '');
  return /^[a-z0-9]([a-z0-9-]*[a-z0-9])?$/.test(own) ? [own, `${own}.local`] : [];
};
