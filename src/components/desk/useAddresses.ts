import { useParams } from 'next/navigation';
import { addressesOf } from '../../contract/addresses';

/** The addresses of the class that the page in the browser belongs to. */
export function useAddresses(): ReturnType<typeof addressesOf> {
  return addressesOf(useParams<{ classId: string }>().classId);
}
