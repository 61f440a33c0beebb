"""The document as a value and as data, and a thing of it worked out."""
