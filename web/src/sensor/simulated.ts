import type { ReinSensor, SensorNews } from './reinSensor'
import type { Answer, Order } from './simulatedWorker'

/** A sensor that is not there, in a worker: to try the screens with, and to show what a real one would say. */
export class SimulatedSensor implements ReinSensor {
  readonly name: string
  readonly isSimulated = true
  private worker: Worker | undefined
  private zeroed: (() => void) | undefined

  constructor(
    name: string,
    private readonly seed: number,
  ) {
    this.name = name
  }

  connect(hear: (news: SensorNews) => void): Promise<number> {
    const worker = new Worker(new URL('./simulatedWorker.ts', import.meta.url), { type: 'module' })
    this.worker = worker
    return new Promise((opened, failed) => {
      worker.onmessage = ({ data }: MessageEvent<Answer>) => {
        if (data.is === 'OPEN') opened(data.rateHz)
        else if (data.is === 'ZEROED') this.zeroed?.()
        else hear(data)
      }
      worker.onerror = () => {
        failed(new Error('The simulated sensor did not start.'))
        hear({ is: 'LOST' })
      }
      this.tell({ do: 'CONNECT', seed: this.seed })
    })
  }

  zero(): Promise<void> {
    return new Promise((zeroed) => {
      this.zeroed = zeroed
      this.tell({ do: 'ZERO' })
    })
  }

  pretendPull(side: 'LEFT' | 'RIGHT'): void {
    this.tell({ do: 'PULL', side })
  }

  disconnect(): void {
    this.worker?.terminate()
    this.worker = undefined
  }

  private tell(order: Order): void {
    this.worker?.postMessage(order)
  }
}
