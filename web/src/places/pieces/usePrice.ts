import { useQuery } from "@tanstack/react-query";
import { call } from "../../api/client";
import { usePreferences } from "../../api/queries";
import type { PieceJobData, PriceView } from "../../api/types";

type Asked = Pick<PieceJobData, "line" | "metal" | "temper" | "body" | "sparePercent">;

/** So many of a piece, as a price and a quote are asked for. */
export const priceQuestion = ({ line, metal, temper, body, sparePercent }: Asked, copies: number) => ({
  piece: { line, metal, temper, body, sparePercent },
  copies,
});

/** What so many of it cost and what is asked; anew when the shelf's prices or the rates change. */
export function usePrice(data: Asked, copies: number) {
  const rates = usePreferences().data?.data.rates;
  const question = priceQuestion(data, copies);
  return useQuery({
    queryKey: ["lots", "price", question, rates],
    queryFn: ({ signal }) => call<PriceView>("POST", "/api/pieces/price", question, signal),
    placeholderData: (before) => before,
    retry: false,
  });
}
