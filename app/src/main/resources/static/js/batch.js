import { drawTimeline } from './timeline.js';

drawTimeline();
