import { later } from '@/places/later';

export default later('TakeRoute');
