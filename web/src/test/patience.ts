/** A slow machine is no fault: conditions are waited for as long as it takes one. */
import { configure } from "@testing-library/react";

configure({ asyncUtilTimeout: 15_000 });
