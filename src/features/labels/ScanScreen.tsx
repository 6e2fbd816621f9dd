import { useRouter } from 'expo-router';
import { createElement, useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { codeOfLink, readShortCode } from '@/core/labels';
import { closeCamera, openCamera, watchForCodes, type NoCamera } from '@/scan';
import { paths } from '@/shell/navigation/paths';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { labelsSays } from '@/words/labels/labels';

const NO_CAMERA: Readonly<Record<NoCamera, string>> = {
  unsafe: labelsSays.cameraUnsafe,
  denied: labelsSays.cameraDenied,
  none: labelsSays.noCamera,
};

/** A label by the camera, or by its code: it leads to what bears it. */
export function ScanScreen() {
  const router = useRouter();
  const back = useBack();
  const [typed, setTyped] = useState('');
  const [message, setMessage] = useState<string>();
  const go = (code: string) => router.replace(paths.label(code));
  const open = () => {
    const code = readShortCode(typed);
    if (code) go(code);
    else setMessage(labelsSays.notACode);
  };
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={back} />
          <Button kind="main" wet grow label={labelsSays.open} onPress={open} />
        </>
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {labelsSays.scanTitle}
      </Say>
      <Camera onCode={go} />
      <TextField
        label={labelsSays.orType}
        hint={labelsSays.codeHint}
        typed={typed}
        onEnter={open}
        onType={(text) => {
          setMessage(undefined);
          setTyped(text);
        }}
        message={message ? { text: message } : undefined}
      />
    </Screen>
  );
}

/** The picture of the camera, watched until a label is in it. */
function Camera({ onCode }: { readonly onCode: (code: string) => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const [stream, setStream] = useState<MediaStream>();
  const [isAsking, setIsAsking] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const told = useRef(onCode);
  useEffect(() => {
    told.current = onCode;
  }, [onCode]);
  useEffect(() => {
    const shown = video.current;
    if (!stream || !shown) return;
    shown.srcObject = stream;
    shown.play().catch(() => setTrouble(labelsSays.noCamera));
    const stop = watchForCodes(shown, (text) => {
      const code = codeOfLink(text);
      if (code) told.current(code);
      else setTrouble(labelsSays.otherCode);
    });
    return () => {
      stop();
      closeCamera(stream);
    };
  }, [stream]);
  const start = async () => {
    setIsAsking(true);
    setTrouble(undefined);
    const camera = await openCamera();
    setIsAsking(false);
    if (typeof camera === 'string') setTrouble(NO_CAMERA[camera]);
    else setStream(camera);
  };
  return (
    <View>
      {stream ? (
        <>
          <Say tone="soft">{labelsSays.scanLead}</Say>
          {createElement('video', {
            ref: video,
            className: 'camera',
            playsInline: true,
            muted: true,
            'aria-label': labelsSays.picture,
          })}
          <Button kind="text" label={labelsSays.stop} onPress={() => setStream(undefined)} />
        </>
      ) : (
        <Button wet label={labelsSays.start} disabled={isAsking} onPress={start} />
      )}
      <View role="status">{trouble ? <Say tone="attention">{trouble}</Say> : null}</View>
    </View>
  );
}
