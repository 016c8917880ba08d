// The core as the browser has it: reads a question a line, as its name, a tab and JSON, and writes an answer a line.
import { createInterface } from 'node:readline'

const device = await import(process.argv[2])
for await (const line of createInterface({ input: process.stdin })) {
  const [name, ...question] = line.split('\t')
  console.log(device[name](...question) ?? '')
}
