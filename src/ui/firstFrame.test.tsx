import { dropFirstFrame, firstFrameStands, hearFirstPress } from './firstFrame';

const stand = (pressed?: string) => {
  document.body.innerHTML = '<div id="frame"></div>';
  const frame = document.getElementById('frame')!;
  const press = (path: string) => {
    frame.dataset.pressed = path;
    frame.dispatchEvent(new Event('pressed'));
  };
  if (pressed) press(pressed);
  return press;
};

test('a press from before the app is heard once, and one while the frame stands at once', () => {
  const press = stand('/pens');
  const heard: string[] = [];
  const stop = hearFirstPress((path) => heard.push(path));
  expect(heard).toEqual(['/pens']);
  press('/tanks');
  expect(heard).toEqual(['/pens', '/tanks']);
  stop();
  hearFirstPress((path) => heard.push(path))();
  expect(heard).toEqual(['/pens', '/tanks']);
});

test('a press is heard though the first screen took the frame away before', () => {
  stand('/read?tank=t1');
  expect(firstFrameStands()).toBe(true);
  dropFirstFrame();
  expect(firstFrameStands()).toBe(false);
  const heard: string[] = [];
  hearFirstPress((path) => heard.push(path));
  expect(heard).toEqual(['/read?tank=t1']);
  // With no frame at all nothing is pressed.
  hearFirstPress((path) => heard.push(path));
  expect(heard).toHaveLength(1);
});
