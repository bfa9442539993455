import '@fontsource-variable/atkinson-hyperlegible-next/index.css'
import '@fontsource-variable/bricolage-grotesque/index.css'
import { ChakraProvider } from '@chakra-ui/react'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter } from 'react-router'
import { Problem } from './api'
import { App } from './App'
import './text'
import { system } from './theme'
import { listenForInstall, keepOnDevice, SidePatterns } from './ui'

const queries = new QueryClient({
  defaultOptions: {
    queries: { networkMode: 'offlineFirst', retry: (count, e) => !(e instanceof Problem) && count < 1 },
    mutations: { networkMode: 'offlineFirst' },
  },
})

const root = document.getElementById('root')
if (root) {
  createRoot(root).render(
    <StrictMode>
      <ChakraProvider value={system}>
        <QueryClientProvider client={queries}>
          <BrowserRouter>
            <SidePatterns />
            <App />
          </BrowserRouter>
        </QueryClientProvider>
      </ChakraProvider>
    </StrictMode>,
  )
}

listenForInstall()
keepOnDevice()
