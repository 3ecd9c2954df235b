import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Cupboard } from './cupboard/cupboard';
import { Orders } from './orders/orders';
import { PlanScreen } from './shell/plan-screen';
import { Toasts } from './ui/toasts';

const router = createBrowserRouter([
  { path: '/', element: <Orders /> },
  { path: '/cupboard', element: <Cupboard /> },
  { path: '/plan/:id', element: <PlanScreen /> },
  { path: '/plan/:id/:stage', element: <PlanScreen /> },
  { path: '*', element: <Navigate to="/" replace /> },
]);

export function App() {
  return (
    <>
      <RouterProvider router={router} />
      <Toasts />
    </>
  );
}
