import { AUDIENCES, type Audience } from '../../core/access/audience';
import { Mark } from '../basics/Mark';

/** How far words go, as a rail that begins at the porch: the teachers, the class, the passphrase, everyone. It is said in words beside. */
export function HowFar({ to }: { readonly to: Audience }) {
  const end = AUDIENCES.indexOf(to);
  return (
    <span className="how-far" aria-hidden="true">
      <Mark id="house" />
      {AUDIENCES.map((audience, index) => (
        <i key={audience} className={index < end ? 'f' : index === end ? 'f end' : ''} />
      ))}
    </span>
  );
}
