import { Component, type ReactNode } from "react";
import { words } from "../words/learner";

interface Props {
  /** Where the game stands: at another turn the stage is tried again by itself. */
  turn: string;
  children: ReactNode;
}

/** Holds what goes wrong on a stage, so that the sheet beside it and the lesson go on. */
export class StageBoundary extends Component<Props, { brokenAt?: string }> {
  state: { brokenAt?: string } = {};

  static getDerivedStateFromError() {
    return { brokenAt: "" };
  }

  componentDidCatch() {
    this.setState({ brokenAt: this.props.turn });
  }

  componentDidUpdate(before: Props) {
    if (this.state.brokenAt !== undefined && before.turn !== this.props.turn) {
      this.setState({ brokenAt: undefined });
    }
  }

  render() {
    if (this.state.brokenAt === undefined) return this.props.children;
    return (
      <div role="alert" className="flex flex-col items-start gap-3 p-6">
        <h2 className="text-xl font-semibold">{words.stageStopped.title}</h2>
        <p>{words.stageStopped.text}</p>
        <button
          type="button"
          className="btn btn-primary"
          onClick={() => this.setState({ brokenAt: undefined })}
        >
          {words.stageStopped.again}
        </button>
      </div>
    );
  }
}
