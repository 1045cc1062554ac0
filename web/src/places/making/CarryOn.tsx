import { useRef, useState } from "react";
import { useAddresses } from "../../api/queries";
import { QrCode } from "../../shared/shell/QrCode";

/** This very step on another screen: a code for its camera, or what has to be done first. */
export function CarryOn() {
  const [open, setOpen] = useState(false);
  const dialog = useRef<HTMLDialogElement>(null);
  const show = () => {
    setOpen(true);
    dialog.current?.showModal();
  };
  return (
    <>
      <button className="quiet" onClick={show}>
        on a tablet
      </button>
      <dialog ref={dialog} className="carry-on" aria-label="On a tablet" onClose={() => setOpen(false)}>
        {open && <Addresses />}
        <button className="quiet" onClick={() => dialog.current?.close()}>
          close
        </button>
      </dialog>
    </>
  );
}

function Addresses() {
  const addresses = useAddresses().data;
  if (!addresses) {
    return <p className="soft">Looking where this workshop is open.</p>;
  }
  const [first, ...others] = addresses.map((address) => address + location.pathname);
  return first ? (
    <>
      <h2>Go on at the bench</h2>
      <QrCode text={first} className="carry-code" />
      <p className="figures">{first}</p>
      {others.map((other) => (
        <p key={other} className="figures soft">
          or {other}
        </p>
      ))}
      <p className="soft">
        In the same network. It asks for the workshop's password; both screens follow each other.
      </p>
    </>
  ) : (
    <>
      <h2>This workshop is open to this machine alone</h2>
      <p>To open it to a tablet in the same network, on this machine:</p>
      <pre>
        ./toroid passwd{"\n"}./toroid stop{"\n"}./toroid start --bind 0.0.0.0
      </pre>
      <p className="soft">
        Whoever is in the network then meets the password, and what is sent can be read on the way: keep it to
        a network you trust.
      </p>
    </>
  );
}
