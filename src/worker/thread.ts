/** A thread that answers what it is asked, one after the other; it is started when something is asked of it, and anew after it has ended. */
import threads, { type Worker } from 'node:worker_threads';

/** What a thread is sent and sends back. */
export interface Asked<Question> {
  id: number;
  question: Question;
}
export type Heard = { id: number; answer: unknown } | { id: number; wrong: string };

/** A thread did not answer in time and was ended. */
export class TookTooLong extends Error {}

interface Waiting {
  resolve: (answer: unknown) => void;
  reject: (error: Error) => void;
}

export class Thread<Question> {
  private worker: Worker | undefined;
  private readonly waiting = new Map<number, Waiting>();
  private asked = 0;

  /**
   * @param script the file that the thread runs
   * @param data what it starts with
   * @param seconds after which a thread that does not answer is ended; whatever it does then, it can be ended
   */
  constructor(
    private readonly script: string | URL,
    private readonly data: unknown,
    private readonly seconds = Infinity,
  ) {}

  /** @throws TookTooLong; or the error of the thread */
  ask(question: Question): Promise<unknown> {
    const id = ++this.asked;
    const worker = (this.worker ??= this.started());
    const late = Number.isFinite(this.seconds)
      ? setTimeout(
          () => this.end(worker, new TookTooLong(`no answer in ${this.seconds} s`)),
          this.seconds * 1000,
        )
      : undefined;
    late?.unref();
    return new Promise((resolve, reject) => {
      this.waiting.set(id, { resolve, reject });
      worker.postMessage({ id, question } satisfies Asked<Question>);
    }).finally(() => clearTimeout(late));
  }

  /** Ends the thread; who waits for an answer of it hears why there is none. */
  end(worker = this.worker, why = new Error('the thread is no longer needed')): void {
    if (!worker || worker !== this.worker) return;
    this.worker = undefined;
    void worker.terminate();
    for (const who of this.waiting.values()) who.reject(why);
    this.waiting.clear();
  }

  private started(): Worker {
    // Said in a way round the bundler, which would look for the file while it builds.
    const worker = Reflect.construct(threads.Worker, [this.script, { workerData: this.data }]) as Worker;
    // The thread alone keeps nobody waiting at the end.
    worker.unref();
    worker.on('message', (heard: Heard) => {
      const who = this.waiting.get(heard.id);
      this.waiting.delete(heard.id);
      if ('wrong' in heard) who?.reject(new Error(heard.wrong));
      else who?.resolve(heard.answer);
    });
    worker.on('error', (why) => this.end(worker, why));
    worker.on('exit', (code) => this.end(worker, new Error(`the thread ended with ${code}`)));
    return worker;
  }
}
