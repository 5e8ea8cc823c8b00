import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import { ApiProblem } from "../api/client";
import { readGate } from "../api/join";
import { IsItYou } from "../play/IsItYou";
import { sendLeft } from "../play/leftMoves";
import { Loading, Notice, problemWords } from "../ui/Notice";
import { words } from "../words/learner";
import { ComeIn } from "./ComeIn";
import { KeepWords } from "./KeepWords";
import { MyPage } from "./MyPage";
import { forgetMember, isAsked, keepMember, type Member, useMember } from "./member";

/** A learner's way into her class, and her page once she is in. */
export default function JoinPage() {
  const { code = "" } = useParams();
  return <Join key={code} code={code} />;
}

function Join({ code }: { code: string }) {
  const [member, setMember] = useMember(code);
  const [asks, setAsks] = useState(() => member !== undefined && isAsked(code));
  const gate = useQuery({
    queryKey: ["gate", code],
    queryFn: () => readGate(code),
    enabled: !member,
  });
  useEffect(() => {
    sendLeft();
  }, []);
  const leave = () => {
    forgetMember(code);
    setMember(undefined);
    setAsks(false);
  };
  if (member && asks) {
    return (
      <IsItYou
        asks={words.join.isYou(member.name)}
        yes={() => {
          keepMember(code, member);
          setAsks(false);
        }}
        no={leave}
      />
    );
  }
  if (member?.words) {
    const { words: two, ...kept } = member;
    return (
      <KeepWords
        two={two}
        kept={() => {
          keepMember(code, kept);
          setMember(kept);
        }}
      />
    );
  }
  if (member) return <MyPage code={code} member={member} leave={leave} />;
  if (gate.isPending) return <Loading />;
  if (gate.isError) {
    const unknown = gate.error instanceof ApiProblem && gate.error.status === 404;
    return (
      <Notice
        action={
          unknown ? (
            <Link to="/play" className="btn btn-primary">
              {words.play.otherCode}
            </Link>
          ) : (
            <button type="button" className="btn btn-primary" onClick={() => gate.refetch()}>
              {words.tryAgain}
            </button>
          )
        }
      >
        <p role="alert">{problemWords(gate.error)}</p>
      </Notice>
    );
  }
  return (
    <ComeIn
      gate={gate.data}
      comesIn={(fresh: Member) => {
        keepMember(code, fresh);
        setMember(fresh);
        setAsks(false);
      }}
    />
  );
}
