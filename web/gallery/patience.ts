import { configure } from "@testing-library/react";

// A machine that does something else besides takes longer than the usual second, and nothing is wrong.
configure({ asyncUtilTimeout: 20_000 });
