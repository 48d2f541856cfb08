import type { ConversionBody } from '@yellowmist/contract';
import type { AirPlan, AirResult, FriedResult } from '@yellowmist/core';

/** What a board of the shelf is given: the dish on the bench, its plan, and what both cooks came to. */
export interface BoardProps {
  body: ConversionBody;
  plan: AirPlan;
  air: AirResult;
  fried: FriedResult;
}

/** The same for a board that has something to show before there is an air version. */
export interface EarlyBoardProps {
  body: ConversionBody;
  air: AirResult | null;
}
