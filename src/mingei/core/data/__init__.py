"""What plain data may be, records read from it and written, and what it says that is not known here."""
