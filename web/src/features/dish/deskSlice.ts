import { createAction, createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { bodyOfDocument, type ConversionBody, type ConversionDocument } from '@yellowmist/contract';

export type Side = 'pot' | 'air';

/** Lays a stored dish on the bench, with a fresh history. */
export const laidOut = createAction('dish/laidOut', (document: ConversionDocument) => ({
  payload: { id: document.id, version: document.version, body: bodyOfDocument(document) },
}));

/** How saving stands. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'conflict' | 'gone' | 'failed';

/** What the desk knows of the dish that lies on it. */
export interface Desk {
  id: string;
  version: number;
  /** The very body that the server has; another one on the bench is not saved yet. */
  saved: ConversionBody | null;
  /** A body that was sent and never answered: the server may have it. */
  sent: ConversionBody | null;
  save: Exclude<SaveState, 'waiting'>;
  problem: string;
  side: Side;
  /** Number of the drag, or of the typing, that goes on, so that all of it is one step to undo; null while there is none. */
  drag: number | null;
  drags: number;
  /** Whether it is a hand that drags: the page is drawn with its picture, and not before. */
  held: boolean;
}

const FRESH: Desk = {
  id: '',
  version: 0,
  saved: null,
  sent: null,
  save: 'saved',
  problem: '',
  side: 'pot',
  drag: null,
  drags: 0,
  held: false,
};

/** Something that is one step to undo begins, or ends. */
function goesOn(desk: Desk, on: boolean): void {
  if (on) desk.drags += 1;
  desk.drag = on ? desk.drags : null;
}

const deskSlice = createSlice({
  name: 'dish/desk',
  initialState: FRESH,
  reducers: {
    /** A save begins. */
    sending: (state, { payload }: PayloadAction<ConversionBody>) => {
      state.save = 'saving';
      state.sent = payload;
    },
    /** The server has this body under this version. */
    stored: (state, { payload }: PayloadAction<{ version: number; body: ConversionBody }>) => {
      state.version = payload.version;
      state.saved = payload.body;
      state.sent = null;
      state.save = 'saved';
      state.problem = '';
    },
    /** Mine is to be saved over this version, whatever it holds. */
    overwriting: (state, { payload }: PayloadAction<number>) => {
      state.version = payload;
      state.save = 'saved';
      state.problem = '';
    },
    /** A save came to nothing. */
    unsaved: (state, { payload }: PayloadAction<{ save: 'conflict' | 'gone' | 'failed'; problem: string }>) => {
      Object.assign(state, payload);
    },
    sideTurned: (state, { payload }: PayloadAction<Side>) => {
      state.side = payload;
    },
    dragged: (state, { payload }: PayloadAction<boolean>) => {
      goesOn(state, payload);
      state.held = payload;
    },
    typed: (state, { payload }: PayloadAction<boolean>) => goesOn(state, payload),
  },
  extraReducers: (builder) => {
    builder.addCase(laidOut, (state, { payload }) => ({
      ...FRESH,
      side: state.side,
      id: payload.id,
      version: payload.version,
      saved: payload.body,
    }));
  },
});

export const deskReducer = deskSlice.reducer;
export const { sending, stored, overwriting, unsaved, sideTurned, dragged, typed } = deskSlice.actions;
