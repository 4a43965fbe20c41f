import {
  BarController,
  BarElement,
  Chart,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js';

Chart.defaults.font.family = '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif';
Chart.defaults.font.size = 13;
Chart.register(
  BarController,
  BarElement,
  LineController,
  LineElement,
  PointElement,
  LinearScale,
  Filler,
  Legend,
  Tooltip,
);

/** Charts of lines and bars, in the letters of the page. Whatever draws one comes with this, when it is drawn. */
export { Chart as Drawn } from 'react-chartjs-2';
