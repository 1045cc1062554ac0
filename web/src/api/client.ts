/** Talks to the server: JSON in and out, the anti-forgery token echoed, refusals as {@link Problem}. */

export interface ProblemBody {
  code: string;
  detail: string;
  field?: string;
  value?: string;
  minimum?: number;
  maximum?: number;
  unit?: string;
  remedy?: string;
  current?: unknown;
}

/** A refusal the server answered with. */
export class Problem extends Error {
  readonly status: number;
  readonly body: ProblemBody;

  constructor(status: number, body: ProblemBody) {
    super(body.detail);
    this.status = status;
    this.body = body;
  }
}

/** The server could not be reached. */
export class Unreachable extends Error {}

function token(): string {
  return /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? "";
}

/** One call; a body that is text goes as it is, anything else as JSON. Throws {@link Problem} or {@link Unreachable}. */
export async function call<T>(
  method: string,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
  type = "application/json",
): Promise<T> {
  const response = await send(method, path, body, signal, type);
  if (response.ok) {
    const text = await response.text();
    return (text ? JSON.parse(text) : undefined) as T;
  }
  if (response.status === 401) {
    window.dispatchEvent(new Event("toroid:shut"));
  }
  if (response.status >= 502) {
    throw new Unreachable("the server is not answering");
  }
  throw new Problem(response.status, await problemOf(response));
}

async function send(
  method: string,
  path: string,
  body: unknown,
  signal: AbortSignal | undefined,
  type: string,
): Promise<Response> {
  const headers: Record<string, string> = { Accept: "application/json" };
  if (method !== "GET") {
    headers["X-XSRF-TOKEN"] = token();
    headers["Content-Type"] = type;
  }
  try {
    return await fetch(path, {
      method,
      headers,
      body: body === undefined ? undefined : typeof body === "string" ? body : JSON.stringify(body),
      signal,
      credentials: "same-origin",
      keepalive: method === "PUT",
    });
  } catch (failure) {
    if (failure instanceof DOMException && failure.name === "AbortError") {
      throw failure;
    }
    throw new Unreachable("the server is not answering");
  }
}

async function problemOf(response: Response): Promise<ProblemBody> {
  try {
    const body = (await response.json()) as Partial<ProblemBody>;
    return { code: `status-${response.status}`, detail: "The server refused this.", ...body };
  } catch {
    return { code: `status-${response.status}`, detail: "The server refused this." };
  }
}
