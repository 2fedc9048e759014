'use client';
/** What is called is also written, over the page, until it is pressed away. */
import Button from '@mui/material/Button';
import { useAlarms } from './use-alarms';
import { browserVoices } from './voices';

export function Alarms() {
  const { said, hush } = useAlarms(browserVoices);
  return (
    <div className="alarmbar noprint" role="alert">
      {said !== null && (
        <p>
          <b>{said}</b>
          <Button variant="outlined" onClick={hush}>
            Heard
          </Button>
        </p>
      )}
    </div>
  );
}
