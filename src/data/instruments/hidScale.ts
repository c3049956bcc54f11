import { readScaleReport, scaleUsagePage } from '../../core/instruments/hidScaleReport';
import { createFeed, type Instrument } from './instrument';

export const hasHid = (): boolean => 'hid' in navigator;

const isScale = ({ collections }: HIDDevice): boolean =>
  collections.some(({ usagePage }) => usagePage === scaleUsagePage);

/**
 * A scale over USB that says of itself that it is one.
 * @param ask lets the person choose: only from a tap. Otherwise the first one that was chosen before is opened.
 */
export function hidScale(ask: boolean): Instrument<'scale'> {
  const feed = createFeed('scale', 'hid');
  let device: HIDDevice | undefined;
  const onReport = ({ data }: HIDInputReportEvent): void => {
    const reading = readScaleReport(new Uint8Array(data.buffer, data.byteOffset, data.byteLength));
    if (reading === undefined) feed.unread();
    else feed.read(reading);
  };
  const listen = async (chosen: HIDDevice): Promise<void> => {
    device = chosen;
    try {
      if (!chosen.opened) await chosen.open();
    } catch {
      return feed.stands('trouble', 'not-opened');
    }
    chosen.addEventListener('inputreport', onReport);
    return undefined;
  };
  const choose = async (): Promise<HIDDevice | undefined> => {
    const known = await navigator.hid.getDevices();
    if (!ask) return known.find(isScale);
    try {
      const [chosen] = await navigator.hid.requestDevice({
        filters: [{ usagePage: scaleUsagePage }],
      });
      return chosen;
    } catch {
      // Nothing was chosen.
      return undefined;
    }
  };
  const onGone = ({ device: gone }: HIDConnectionEvent): void => {
    if (gone === device) feed.stands('trouble', 'lost');
  };
  const onBack = ({ device: back }: HIDConnectionEvent): void => {
    if (feed.instrument.state().trouble === 'lost' && isScale(back)) void listen(back);
  };
  const start = async (): Promise<void> => {
    if (!hasHid()) return feed.stands('trouble', 'not-here');
    navigator.hid.addEventListener('disconnect', onGone);
    navigator.hid.addEventListener('connect', onBack);
    const chosen = await choose();
    return chosen === undefined ? feed.stands('trouble', 'not-chosen') : listen(chosen);
  };
  void start();
  return {
    ...feed.instrument,
    close() {
      if (!hasHid()) return;
      navigator.hid.removeEventListener('disconnect', onGone);
      navigator.hid.removeEventListener('connect', onBack);
      device?.removeEventListener('inputreport', onReport);
      void device?.close().catch(() => undefined);
    },
  };
}
