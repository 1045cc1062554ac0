import { useQuery } from "@tanstack/react-query";
import { call } from "../../api/client";
import { usePreferences } from "../../api/queries";
import type { PriceView } from "../../api/types";
import { pieceAsked, type PieceAsked } from "../../shared/kernel/pieceQuestion";

/** So many of a piece, as a price and a quote are asked for. */
export const priceQuestion = (asked: PieceAsked, copies: number) => ({ piece: pieceAsked(asked), copies });

/** What so many of it cost and what is asked; anew when the shelf's prices or the rates change. */
export function usePrice(data: PieceAsked, copies: number) {
  const rates = usePreferences().data?.data.rates;
  const question = priceQuestion(data, copies);
  return useQuery({
    queryKey: ["lots", "price", question, rates],
    queryFn: ({ signal }) => call<PriceView>("POST", "/api/pieces/price", question, signal),
    placeholderData: (before) => before,
    retry: false,
  });
}
