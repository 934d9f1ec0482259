import { createContext, useCallback, useContext, useState, type ReactNode } from 'react';
import { Toast } from 'radix-ui';
import { Problem } from '../shared/api';
import { t } from '../shared/t';

interface Message {
  id: number;
  text: string;
  bad: boolean;
}

const Say = createContext<(text: string, bad?: boolean) => void>(() => undefined);

let next = 1;

/** Short messages at the screen's foot. */
export function Toasts({ children }: { children: ReactNode }) {
  const [messages, setMessages] = useState<Message[]>([]);
  const say = useCallback((text: string, bad = false) => {
    setMessages((before) => [...before.slice(-2), { id: next++, text, bad }]);
  }, []);
  return (
    <Say.Provider value={say}>
      <Toast.Provider duration={6000} label={t('ui.toasts.message')}>
        {children}
        {messages.map((message) => (
          <Toast.Root
            key={message.id}
            className={`rounded-xl px-4 py-3 shadow-[0_16px_40px_-18px_#3b2440] ${message.bad ? 'bg-rust-soft text-rust-ink' : 'bg-dark text-on-dark'}`}
            onOpenChange={(open) =>
              !open && setMessages((before) => before.filter((other) => other.id !== message.id))
            }
          >
            <Toast.Description>{message.text}</Toast.Description>
          </Toast.Root>
        ))}
        <Toast.Viewport className="fixed top-14 left-1/2 z-50 flex w-[26rem] max-w-[90vw] -translate-x-1/2 flex-col gap-2" />
      </Toast.Provider>
    </Say.Provider>
  );
}

/** Says something, or what went wrong. */
export function useNotify() {
  const say = useContext(Say);
  return {
    say,
    sayProblem: (error: unknown) =>
      say(error instanceof Problem ? error.message : t('ui.toasts.thatDidNotWorkNothing'), true),
  };
}
