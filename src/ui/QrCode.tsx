import { useQuery } from '@tanstack/react-query';
import Svg, { Path, Rect } from 'react-native-svg';
import { Words } from './text/Words';

interface QrCodeProps {
  readonly text: string;
  readonly label: string;
}

/** Light around the code, in its own squares: readers need four. */
const quiet = 4;

/** A QR code of a text; dark on light in both themes, since readers want it so. */
export function QrCode({ text, label }: QrCodeProps) {
  // The package is fetched when a code is wanted: few screens need it.
  const { data, isError } = useQuery({
    queryKey: ['qr', text],
    queryFn: async () =>
      (await import('qrcode')).create(text, { errorCorrectionLevel: 'L' }).modules,
    retry: false,
  });
  if (isError) {
    return <Words>This is too long for a code. Copy the link, or save it as a file.</Words>;
  }
  if (data === undefined) return null;
  const { size } = data;
  const squares = Array.from({ length: size * size }, (_, at) => at)
    .filter((at) => data.get(Math.floor(at / size), at % size))
    .map((at) => `M${(at % size) + quiet} ${Math.floor(at / size) + quiet}h1v1h-1z`)
    .join('');
  const side = size + 2 * quiet;
  return (
    <Svg
      viewBox={`0 0 ${side} ${side}`}
      style={{ width: '100%', maxWidth: 400, aspectRatio: 1 }}
      role="img"
      aria-label={label}
      testID="qr-code"
    >
      <Rect width={side} height={side} fill="#ffffff" />
      <Path d={squares} fill="#000000" />
    </Svg>
  );
}
