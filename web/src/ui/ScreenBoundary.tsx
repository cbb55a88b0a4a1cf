import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { Component, useState, type ReactNode } from 'react';
import { api } from '../api/client';
import { t } from '../words';

interface Props {
  /** The screen that is shown. Another one begins without the failure of the one before. */
  screen: string;
  children: ReactNode;
}

/** Keeps a screen that fails, or cannot be loaded, from taking the others with it. */
export class ScreenBoundary extends Component<Props, { failed: string | null }> {
  override state = { failed: null };

  static getDerivedStateFromError() {
    return { failed: '' };
  }

  override componentDidCatch() {
    this.setState({ failed: this.props.screen });
  }

  override componentDidUpdate() {
    if (this.state.failed && this.state.failed !== this.props.screen) {
      this.setState({ failed: null });
    }
  }

  override render() {
    if (this.state.failed === null) {
      return this.props.children;
    }
    return (
      <Box component="main" sx={{ p: 5, bgcolor: 'background.paper', borderRadius: 2 }}>
        <Box role="alert" sx={{ mb: 3, fontSize: 'head', lineHeight: 1.4, maxWidth: 620 }}>
          {t('ui.this-screen-cannot-be-shown')}
        </Box>
        <Button variant="contained" onClick={again}>
          {t('ui.try-again')}
        </Button>
        <AgainWhenBack />
      </Box>
    );
  }
}

const again = () => window.location.reload();

/** Sends a small request until Bemble answers, and shows the screen again if it failed at first. */
function AgainWhenBack() {
  const [wasAway, setWasAway] = useState(false);
  useQuery({
    queryKey: ['back'],
    queryFn: async () => {
      try {
        await api.classes();
      } catch (trouble) {
        setWasAway(true);
        throw trouble;
      }
      if (wasAway) {
        again();
      }
      return true;
    },
    retry: true,
    retryDelay: 1000,
    gcTime: 0,
  });
  return null;
}
