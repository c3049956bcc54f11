import { useState } from 'react';

/** Where the picture lies on the screen: screen = scale · picture + shift, dp. */
export interface View {
  readonly scale: number;
  readonly x: number;
  readonly y: number;
}

interface Size {
  readonly width: number;
  readonly height: number;
}

/** The view that shows all of a picture. */
export function fitted(picture: Size, room: Size): View {
  const scale = Math.min(room.width / picture.width, room.height / picture.height);
  return {
    scale,
    x: (room.width - picture.width * scale) / 2,
    y: (room.height - picture.height * scale) / 2,
  };
}

/** Closer than this nothing more is to be seen. */
const mostZoom = 30;

/** A view zoomed about a place on the screen. */
export function zoomed(view: View, factor: number, atX: number, atY: number, fit: View): View {
  const scale = Math.min(mostZoom * fit.scale, Math.max(fit.scale / 2, view.scale * factor));
  const by = scale / view.scale;
  return { scale, x: atX - (atX - view.x) * by, y: atY - (atY - view.y) * by };
}

/** How a picture is looked at, and what moves it. */
export interface PictureView {
  readonly view: View;
  readonly setView: (change: (before: View) => View) => void;
  /** The view that shows all of it. */
  readonly fit: View;
}

/** The view of a picture in a room: all of it until it is moved; another picture is shown whole again. */
export function useView(picture: Size, room: Size): PictureView {
  const fit = fitted(picture, room);
  const shape = `${picture.width} ${picture.height}`;
  const [moved, setMoved] = useState<{ readonly shape: string; readonly view: View }>();
  const view = moved?.shape === shape ? moved.view : fit;
  const setView = (change: (before: View) => View): void =>
    setMoved((before) => ({ shape, view: change(before?.shape === shape ? before.view : fit) }));
  return { view, setView, fit };
}
